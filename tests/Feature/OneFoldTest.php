<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Visit;
use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Role;
use Illuminate\Cache\ArrayStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A mark is answered with the visit after it, at a cost that does not grow with the visit. */
final class OneFoldTest extends TestCase
{
    private const CLEAR = ['comb' => 'glides', 'skinLine' => 'clear'];

    private Dog $dog;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('photos');
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn(Role::Owner);
        $this->dog = Dog::factory()->create();
        $this->visit = $this->arrive($this->dog);
    }

    public function test_the_answer_to_marks_is_the_visit_as_whoever_asks_gets_it(): void
    {
        $answer = $this->post1('note_written', ['text' => 'Sings'])->assertOk();

        $asked = $this->getJson("/api/visits/{$this->visit->id}");
        self::assertSame($asked->json(), $answer->json('visit'));
        self::assertSame('Sings', $answer->json('visit.notes.0.text'));
        self::assertSame($answer->json('number'), $answer->json('visit.number'));
        $this->getJson("/api/visits/{$this->visit->id}", ['If-None-Match' => "\"{$answer->json('revision')}\""])->assertStatus(304);
    }

    public function test_a_mark_that_is_refused_is_answered_with_the_visit_too(): void
    {
        $answer = $this->post1('line_done', ['line' => 1], 'tail')->assertOk();

        self::assertSame(['refused', $this->visit->id], [$answer->json('marks.0.outcome'), $answer->json('visit.id')]);
    }

    public function test_whoever_does_not_look_at_the_visit_is_answered_without_it(): void
    {
        $answer = $this->send($this->visit, [$this->mark('note_written', ['text' => 'Sings'])])->assertOk();
        Contract::holds('post', '/api/visits/{visit}/marks', $answer);

        self::assertSame(['taken', null], [$answer->json('marks.0.outcome'), $answer->json('visit')]);
    }

    public function test_the_answer_to_a_photo_is_the_visit_with_it(): void
    {
        $id = strtoupper((string) Str::ulid());
        $answer = $this->post("/api/visits/{$this->visit->id}/photos", [
            'id' => $id,
            'at' => '2026-06-09T09:00:00.000Z',
            'device' => strtoupper((string) Str::ulid()),
            'section' => 'tail',
            'moment' => 'before',
            'picture' => UploadedFile::fake()->image('coat.jpg', 40, 30),
        ], ['Accept' => 'application/json'])->assertCreated();

        self::assertSame([$id], array_column($answer->json('visit.photos'), 'id'));
    }

    public function test_a_long_visit_is_not_read_from_its_first_mark(): void
    {
        $this->combAll();
        $read = $this->marksRead(fn() => $this->post1('note_written', ['text' => 'The last'])->assertOk());

        self::assertLessThan(30, $read);
        self::assertGreaterThan(60, DB::table('marks')->where('visit_id', $this->visit->id)->count());
    }

    /** @param \Closure(self): void $change of something that the visit was folded from */
    #[DataProvider('changes')]
    public function test_what_was_kept_is_not_gone_on_from_when_it_no_longer_holds(\Closure $change): void
    {
        $this->combAll();
        $change($this);

        self::assertGreaterThan(60, $this->marksRead(fn() => OpenVisit::load($this->visit->refresh())));
    }

    /** @return iterable<string, array{\Closure(self): void}> */
    public static function changes(): iterable
    {
        yield 'an update' => [fn() => Cache::flush()];
        yield 'a backup put back, and other marks since' => [
            fn(self $here) => DB::table('marks')
                ->where('visit_id', $here->visit->id)
                ->where('number', '>', 20)
                ->update(['id' => DB::raw("'X' || substr(id, 2)")]),
        ];
        yield 'what was open on the dog before' => [function (self $here): void {
            $earlier = Visit::query()->create([...$here->visit->getRawOriginal(), 'id' => (string) Str::ulid()]);
            DB::table('findings')->insert([
                'id' => (string) Str::ulid(),
                'dog_id' => $here->dog->id,
                'visit_id' => $earlier->id,
                'section' => 'tail',
                'kind' => 'scab',
                'spot' => false,
                'from_work' => false,
                'noted_at' => '2026-06-01 09:00:00.000',
                'noted_by' => $here->visit->marks()->firstOrFail()->staff_id,
            ]);
        }];
    }

    public function test_a_kept_fold_that_cannot_be_read_is_none(): void
    {
        $this->combAll();
        $this->spoilWhatIsKept();

        $answer = $this->post1('note_written', ['text' => 'Sings'])->assertOk();

        self::assertSame(['taken', []], [$answer->json('marks.0.outcome'), $answer->json('visit.summary.toCheck')]);
    }

    public function test_what_was_forgotten_is_not_in_what_was_kept(): void
    {
        $this->combAll();
        $this->post1('note_written', ['text' => 'Hester’s number is on the collar'])->assertOk();
        $this->combAll();
        $this->post1('stopped', ['reason' => 'Ill'])->assertOk();
        $this->deleteJson("/api/clients/{$this->dog->client_id}")->assertSuccessful();

        $notes = array_map(fn($note): string => $note->what->text, OpenVisit::load($this->visit->refresh())->state->kept->notes);
        self::assertStringNotContainsString('collar', implode($notes));
    }

    public function test_a_mark_of_long_ago_is_taken_back_as_ever(): void
    {
        $first = $this->post1('comb_checked', ['comb' => 'catches', 'skinLine' => 'clear'], 'tail')->json('marks.0.id');
        $this->combAll(except: 'tail');

        $answer = $this->post1('withdrawn', ['markId' => $first])->assertOk();

        self::assertNull($answer->json('visit.sections.tail.grade'));
        self::assertSame(['tail'], $answer->json('visit.summary.toCheck'));
    }

    /** Twice all over: more than is folded anew. */
    private function combAll(string $except = ''): void
    {
        for ($times = 0; $times < 2; $times++) {
            $places = array_diff(array_column(Section::cases(), 'value'), [$except]);
            $this->sendAll(array_values(array_map(
                fn(string $section): array => $this->mark('comb_checked', self::CLEAR, $section),
                $places,
            )))->assertOk();
        }
    }

    private function post1(string $kind, array $payload, ?string $section = null): TestResponse
    {
        return $this->sendAll([$this->mark($kind, $payload, $section)]);
    }

    private function sendAll(array $marks): TestResponse
    {
        return $this->postJson("/api/visits/{$this->visit->id}/marks", ['marks' => $marks]);
    }

    /** As a disk that lost power leaves it. */
    private function spoilWhatIsKept(): void
    {
        $store = Cache::getStore();
        self::assertInstanceOf(ArrayStore::class, $store);
        $spoilt = 0;
        foreach ($store->all() as $key => $kept) {
            if (is_array($kept['value']) && isset($kept['value']['fold'])) {
                Cache::put(substr($key, strlen($store->getPrefix())), [...$kept['value'], 'fold' => 'x']);
                $spoilt++;
            }
        }
        self::assertSame(1, $spoilt);
    }

    /** Rows of marks that were asked for in full. */
    private function marksRead(\Closure $during): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $during();
        DB::disableQueryLog();
        $asked = array_filter(DB::getQueryLog(), fn(array $one): bool => str_starts_with($one['query'], 'select * from "marks"'));

        return array_sum(array_map(fn(array $one): int => count(DB::select($one['query'], $one['bindings'])), $asked));
    }
}
