<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Clients\NameIndex;
use App\Models\HouseRulesVersion;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Dog\Temperament;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fills the database of a benchmark with finished visits, each with marks of a whole inspection for the newest of them.
 *
 * Rows are written straight into the tables: the point is the size of the database, not how it came to be.
 */
final class BenchFill extends Command
{
    private const VISITS_A_DAY = 12;

    protected $signature = 'bench:fill {visits : how many visits, such as 2000 or 200000}';

    protected $description = 'Fill an empty database with many visits, for the benchmarks';

    public function handle(): int
    {
        if (DB::table('visits')->exists()) {
            $this->error('The database is not empty. Name another with DB_DATABASE.');

            return self::FAILURE;
        }
        $count = (int) $this->argument('visits');
        $random = new Randomizer(new Mt19937(1));
        $ids = new DemoIds($random);
        $today = CarbonImmutable::now(config('salon.timezone'))->startOfDay();
        HouseRulesVersion::current();
        $staff = $ids->next($today);
        DB::table('staff')->insert(['id' => $staff, 'name' => 'Bench', 'role' => 'owner', 'password' => '-', 'active' => 1]);
        $dogs = $this->makeDogs(max(20, intdiv($count, 12)), $ids, $today);
        DB::transaction(fn() => $this->makeVisits($count, $dogs, $staff, $random, $ids, $today));
        (new NameIndex)->rebuild();
        DB::statement('ANALYZE');
        $this->info("{$count} visits of ".count($dogs).' dogs.');

        return self::SUCCESS;
    }

    /** @return list<string> */
    private function makeDogs(int $count, DemoIds $ids, CarbonImmutable $today): array
    {
        $dogs = $clients = [];
        for ($number = 0; $number < $count; $number++) {
            $clients[] = ['id' => $ids->next($today), 'name' => "Client {$number}", 'phone' => null];
            $dogs[] = [
                'id' => $ids->next($today), 'client_id' => $clients[$number]['id'], 'name' => "Dog {$number}", 'breed' => 'Cross', 'sex' => 'female', 'entire' => 0,
                'born_on' => '2021-01-01', 'coat' => 'curly', 'primitive' => 0, 'coat_mm' => 50, 'section_mm' => '[]', 'weight_kg' => 12,
                'temperament' => Temperament::Easy->value, 'health' => '[]', 'mind' => null,
            ];
        }
        foreach (array_chunk($clients, 500) as $rows) {
            DB::table('clients')->insert($rows);
        }
        foreach (array_chunk($dogs, 500) as $rows) {
            DB::table('dogs')->insert($rows);
        }

        return array_column($dogs, 'id');
    }

    /** @param list<string> $dogs */
    private function makeVisits(int $count, array $dogs, string $staff, Randomizer $random, DemoIds $ids, CarbonImmutable $today): void
    {
        $visits = $marks = [];
        for ($back = $count - 1; $back >= 0; $back--) {
            $at = $today->subDays(intdiv($back, self::VISITS_A_DAY))->addMinutes(480 + 40 * ($back % self::VISITS_A_DAY));
            $id = $ids->next($at);
            $visits[] = $this->visit($id, $dogs[$back % count($dogs)], $staff, $at, $back < self::VISITS_A_DAY, $random);
            // All marks of the last ten days; of older visits the arrival, so that the table is as long as it would be wide.
            $inspected = $back < 10 * self::VISITS_A_DAY;
            array_push($marks, ...$this->marks($id, $staff, $at, $inspected ? 30 : 2, $random, $ids));
            if (count($visits) === 500 || $back === 0) {
                DB::table('visits')->insert($visits);
                foreach (array_chunk($marks, 400) as $rows) {
                    DB::table('marks')->insert($rows);
                }
                $visits = $marks = [];
            }
        }
    }

    /** @return array<string, mixed> */
    private function visit(string $id, string $dog, string $staff, CarbonImmutable $at, bool $today, Randomizer $random): array
    {
        $grades = '';
        foreach (Section::cases() as $_) {
            $grades .= (string) min(4, max(0, $random->getInt(-4, 4)));
        }

        return [
            'id' => $id, 'dog_id' => $dog, 'house_rules_version' => 1, 'day' => $at->toDateString(), 'arrived_at' => $at->toDateTimeString(), 'promised_at' => null,
            'stage' => $today ? 'inspecting' : 'collected', 'groomer_id' => $staff, 'grades' => $grades,
            'mat_load' => 10,
            'table_minutes' => 40, 'tension' => 5, 'tolerance' => 30, 'last_number' => 0, 'last_mark_at' => $at->toDateTimeString(),
            'closed_at' => $today ? null : $at->addHours(3)->toDateTimeString(), 'day_facts' => $this->dayFacts($today, $at),
        ];
    }

    private function dayFacts(bool $today, CarbonImmutable $at): string
    {
        $facts = new DayFacts(
            closed: ! $today,
            inspected: true,
            toCheck: 0,
            undecided: 0,
            agreed: false,
            shownAt: null,
            answer: null,
            answeredAt: null,
            begun: false,
            handsOn: false,
            gateOpen: false,
            cleared: false,
            passed: 20,
            parked: 0,
            spent: false,
            workedMinutes: 0.0,
            forecastMinutes: 40.0,
            leftMinutes: 40.0,
            bathMinutes: 10.0,
            dryMinutes: 30.0,
            bathAt: null,
            bathed: false,
            dryingAt: null,
            areasDry: 0,
            secondLeft: 30,
            signedOff: false,
            lastAt: $at->getTimestamp(),
            lastDay: $at->toDateString(),
            slotMinutes: 90,
            standsMinutes: 60.0,
            restMinutes: 5.0,
            stoodMinutes: 0.0,
            goesOn: false,
            doneForToday: false,
            brushedAfterDrying: false,
            fleas: false,
            arrivalMinutes: 10.0,
            secondCheckMinutes: 8.0,
            finishMinutes: 20.0,
            strippingMinutes: 0.0,
            cleanUpMinutes: 5.0,
            turnMark: null,
            isNext: false,
            promiseMark: null,
            promiseTold: null,
            readyToldAt: null,
            onItsFeetMinutes: 130.0,
            mostOnItsFeetMinutes: 180.0,
        );

        return (string) json_encode($facts->toArray());
    }

    /** @return list<array<string, mixed>> */
    private function marks(string $visit, string $staff, CarbonImmutable $at, int $sections, Randomizer $random, DemoIds $ids): array
    {
        $mark = fn(string $kind, ?string $section, array $payload): array => [
            'id' => $ids->next($at), 'visit_id' => $visit, 'kind' => $kind, 'section' => $section, 'at' => $at->format('Y-m-d H:i:s.v'),
            'received_at' => $at->format('Y-m-d H:i:s.v'), 'staff_id' => $staff, 'device' => $visit, 'payload' => json_encode($payload),
        ];
        $rows = [
            $mark('arrived', null, ['weightKg' => 12, 'coat' => 'curly', 'coatMm' => 50, 'ageMonths' => 50, 'temperament' => 'easy']),
            $mark('arrival_answered', null, ['gear' => ['collar', 'harness'], 'consent' => 'hidden', 'daysSinceCombOut' => 40]),
        ];
        foreach (array_slice(RouteSchool::FeetUp->route(), 0, $sections) as $section) {
            $rows[] = $random->getInt(0, 3) > 0
                ? $mark('comb_checked', $section->value, ['comb' => 'glides', 'skinLine' => 'clear'])
                : $mark(
                    'comb_checked',
                    $section->value,
                    ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 7],
                );
        }

        return $rows;
    }
}
