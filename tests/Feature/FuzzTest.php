<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Visit;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\RandomMarks;
use Tests\TestCase;

/**
 * Bodies that make no sense, and marks in an order that makes none: never a 500, and everything can be read afterwards.
 *
 * A short run here; a long one with FUZZ_BODIES=10000 FUZZ_MARKS=40000 FUZZ_SEED=7 vendor/bin/phpunit tests/Feature/FuzzTest.php
 */
final class FuzzTest extends TestCase
{
    private Randomizer $random;

    /** @var list<string> the last plan that was shown */
    private array $plans = [];

    private int $answers = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->random = new Randomizer(new Mt19937((int) (getenv('FUZZ_SEED') ?: 1)));
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn(Role::Owner);
        RateLimiter::for('writes', fn() => \Illuminate\Cache\RateLimiting\Limit::none());
    }

    public function test_no_body_breaks_anything(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit);
        $plan = $this->showPlan($visit);
        $addresses = [
            ['POST', "/api/visits/{$visit->id}/marks"], ['POST', "/api/visits/{$visit->id}/marks"], ['POST', '/api/visits'], ['POST', '/api/dogs'], ['PATCH', "/api/dogs/{$visit->dog_id}"],
            ['POST', '/api/house-rules'], ['POST', "/api/visits/{$visit->id}/client-links"], ['POST', '/api/session'], ['GET', '/api/dogs'], ['GET', '/api/day'], ['POST', "/api/visits/{$visit->id}/photos"],
        ];
        for ($count = (int) (getenv('FUZZ_BODIES') ?: 400); $count > 0; $count--) {
            [$method, $address] = $this->one($addresses);
            $body = $this->body($address, $visit, $plan);
            $query = $method === 'GET'
                ? '?'.http_build_query(['search' => $this->value(0), 'date' => $this->value(0), 'page' => $this->value(0)])
                : '';
            $answer = $this->call(
                $method,
                $address.$query,
                server: [
                    'CONTENT_TYPE' => $this->one([
                        'application/json',
                        'application/json',
                        'application/json',
                        'application/x-www-form-urlencoded',
                        'text/plain',
                        'multipart/form-data',
                    ]),
                    'HTTP_ACCEPT' => 'application/json',
                ],
                content: $method === 'GET' ? '' : $body,
            );
            self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$address}{$query} {$body}: ".$answer->getContent());
        }
        $this->everythingOpens();
    }

    public function test_no_order_of_marks_breaks_anything(): void
    {
        $left = (int) (getenv('FUZZ_MARKS') ?: 900);
        for ($seed = (int) (getenv('FUZZ_SEED') ?: 1); $left > 0; $seed++) {
            $marks = new RandomMarks($seed, fn(): string => (string) Str::ulid());
            $this->travelTo('2026-06-09 09:00:00');
            $visit = $this->arrive(Dog::factory()->create());
            $batch = $marks->inspection();
            for ($sent = 0; $sent < 240 && $left > 0; $sent += 20) {
                $this->travelTo($marks->now());
                $this->send(
                    $visit,
                    array_map(
                        fn($mark): array => [
                            'id' => $mark->id,
                            'kind' => $mark->kind,
                            'section' => $mark->section?->value,
                            'at' => $mark->at->format('Y-m-d\TH:i:s\Z'),
                            'device' => self::DEVICE,
                            'payload' => $mark->fields,
                        ],
                        $batch,
                    ),
                )->assertOk();
                $left -= count($batch) + $this->answered($visit);
                $batch = array_map(fn(): mixed => $marks->next(), range(1, 20));
            }
        }
        self::assertGreaterThan(0, $this->answers, 'plans were shown and answered among them');
        $this->everythingOpens();
        $tables = ['visits', 'findings', 'grade_differences', 'work_times', 'work_clocks'];
        $rows = fn(): array => array_map(self::rowsOf(...), $tables);
        $before = $rows();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, $rows(), 'a rebuild equals what stands');
    }

    /** Now and then the plan in force is shown and the client says something, sometimes to an earlier one. */
    private function answered(Visit $visit): int
    {
        $frontier = $this->getJson("/api/visits/{$visit->id}/plan")->assertOk()->json('frontier');
        if (($frontier['plans'] ?? []) === [] || $this->random->getInt(0, 2) === 0) {
            return 0;
        }
        $picks = str_split($this->one($frontier['plans'])['picks']);
        $chosen = fn(array $codes, string $pick): string => $codes[(int) base_convert($pick, 36, 10)];
        $choices = array_combine(array_keys($frontier['options']), array_map($chosen, $frontier['options'], $picks));
        $this->send($visit, [$this->mark('plan_chosen', ['aim' => 'between', 'choices' => $choices])]);
        $shown = $this->mark('plan_shown', ['choices' => array_map(
            fn(array $section): ?string => $section['choice'],
            $this->getJson("/api/visits/{$visit->id}/plan")->assertOk()->json('sections'),
        )]);
        $answers = array_map(fn(): array => $this->mark('answer_given', [
            'planId' => $this->one([$shown['id'], $shown['id'], $this->plans[0] ?? $shown['id']]),
            'answer' => $this->one(['yes', 'yes', 'no', 'question']),
            'via' => $this->one(['here', 'phone']),
            'who' => 'Ada',
        ]), range(1, $this->random->getInt(1, 2)));
        $this->plans = [$shown['id']];
        $said = $this->send($visit, [$shown, ...$answers])->assertOk()->json('marks');
        $this->answers += count(array_filter($said, fn(array $one): bool => $one['outcome'] === 'taken'));

        return 2 + count($answers);
    }

    private function everythingOpens(): void
    {
        foreach (Visit::query()->pluck('id') as $id) {
            foreach (['', '/plan', '/record'] as $page) {
                $this->getJson("/api/visits/{$id}{$page}")->assertOk();
            }
        }
        $this->getJson('/api/day')->assertOk();
        $this->getJson('/api/dogs')->assertOk();
    }

    private function body(string $address, Visit $visit, string $plan): string
    {
        $known = match (true) {
            str_ends_with($address, '/marks') => ['marks' => [$this->mark(
                $this->one([
                    'comb_checked',
                    'plan_shown',
                    'answer_given',
                    'arrival_answered',
                    'even_wanted',
                    'run_started',
                    'clipped',
                    'withdrawn',
                    'photo_deleted',
                ]),
                [$this->one(['comb', 'choices', 'planId', 'health', 'groups', 'scope', 'mm', 'markId', 'weightKg']) => $this->value(0)],
                $this->one(['tail', null]),
            )]],
            $address === '/api/visits' => [
                'id' => (string) Str::ulid(),
                'markId' => (string) Str::ulid(),
                'dogId' => $visit->dog_id,
                'at' => self::now(),
                'device' => self::DEVICE,
            ],
            str_ends_with($address, '/dogs') => [
                'id' => (string) Str::ulid(),
                'client' => ['name' => 'x'],
                'name' => 'Fen',
                'breed' => 'x',
                'sex' => 'male',
                'bornOn' => '2020-05-05',
                'coat' => 'wire',
                'coatMm' => 20,
                'weightKg' => 9,
                'temperament' => 'easy',
            ],
            str_contains($address, '/dogs/') => ['mind' => 'x', 'weightKg' => 9, 'health' => []],
            str_ends_with($address, '/client-links') => ['planId' => $plan],
            str_ends_with($address, '/session') => ['name' => 'Imke', 'password' => 'x'],
            default => ['base' => 1, 'changes' => ['effort.layerMm' => 12], 'note' => 'x'],
        };
        $body = $known;
        for ($changes = $this->random->getInt(1, 3); $changes > 0; $changes--) {
            $this->bend($body);
        }
        $text = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_IGNORE);

        return match ($this->random->getInt(0, 11)) {
            0 => substr($text, 0, $this->random->getInt(0, strlen($text))),
            1 => str_replace('"x"', "\"\xFF\xC0\"", $text),
            2 => 'mind=%FF&name=%00',
            default => $text,
        };
    }

    /** Puts something strange somewhere. */
    private function bend(mixed &$body): void
    {
        if (! is_array($body) || $body === [] || $this->random->getInt(0, 4) === 0) {
            $body = $this->value(0);

            return;
        }
        $key = $this->one(array_keys($body));
        if ($this->random->getInt(0, 2) === 0) {
            $body[$key] = $this->value(0);
        } else {
            $this->bend($body[$key]);
        }
    }

    private function value(int $depth): mixed
    {
        return match ($this->random->getInt(0, $depth > 2 ? 12 : 14)) {
            0 => null,
            1 => true,
            2 => -1,
            3 => PHP_INT_MAX,
            4 => 1.5e300,
            5 => '',
            6 => str_repeat('ü', $this->random->getInt(1, 3000)),
            7 => '9999-99-99T99:99:99Z',
            8 => '10000-01-01',
            9 => "a\0b",
            10 => 'tail',
            11 => '01J0000000000000000000DEV0',
            12 => [],
            13 => array_map(fn(): mixed => $this->value($depth + 1), range(1, $this->random->getInt(1, 4))),
            default => [$this->one(['tail', 'a', '0', 'comb']) => $this->value($depth + 1)],
        };
    }

    private function one(array $among): mixed
    {
        return $among[$this->random->getInt(0, count($among) - 1)];
    }
}
