<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Database\NextNumber;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Visits\ClockBook;
use App\Visits\MemoryBook;
use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\MattingScale;
use HoundCheck\Core\Memory\VisitTells;
use HoundCheck\Core\Visit\WhatItTells;
use HoundCheck\Core\Visit\WorkTime;
use Illuminate\Support\Facades\DB;

/**
 * Two years of visits on the matting clock: how each dog mats between them, and groomers of different pace.
 *
 * Rows are written in bulk, but everything in them follows from the marks through the core, as it would have then:
 * `visits:rebuild` makes the same rows.
 */
final class DemoHistory
{
    private const DAYS = 730;

    private const VISITS_AT_ONCE = 40;

    /** How far single dogs lie from the usual one, and parts of a dog from the dog: standard deviation of the logarithm. */
    private const DOGS_APART = 0.35;

    private const PARTS_APART = 0.2;

    private const TELL_WRONGLY = 0.2;

    /** No dog is groomed before. */
    private const FIRST_MONTHS = 5;

    /** Part of the forecast that each groomer takes, by coat. */
    private const PACES = [
        'Imke' => ['silky' => 0.85, 'curly' => 0.8, 'double' => 0.95, 'wire' => 0.9, 'smooth' => 1.0, 'mixed' => 0.9],
        'Rosalind' => ['silky' => 1.05, 'curly' => 1.25, 'double' => 0.9, 'wire' => 1.1, 'smooth' => 1.0, 'mixed' => 1.1],
        'Teo' => ['silky' => 1.5, 'curly' => 1.7, 'double' => 1.35, 'wire' => 1.4, 'smooth' => 1.2, 'mixed' => 1.5],
    ];

    /** @var array<string, list<array<string, mixed>>> rows to write, by table */
    private array $waiting = ['visits' => [], 'marks' => [], 'work_times' => []];

    private int $number = 0;

    private int $visits = 0;

    private readonly HiddenTruth $truth;

    private readonly HouseRules $rules;

    /** @param array<string, Staff> $staff by name */
    public function __construct(
        private readonly Dice $dice,
        private readonly DemoIds $ids,
        private readonly array $staff,
        private readonly string $device,
        private readonly CarbonImmutable $now,
    ) {
        $this->truth = new HiddenTruth(self::PACES);
        $this->rules = HouseRulesVersion::current()->toCore();
    }

    /** @param HomeBrushing $home what the owner really does */
    public function addDog(Dog $dog, HomeBrushing $home, CarbonImmutable $until): void
    {
        $gear = array_values(array_filter([
            $this->dice->happens(0.7) ? Gear::Collar : null,
            $this->dice->happens(0.5) ? Gear::Harness : null,
        ]));
        $life = new HiddenDog(self::apart($this->dice, self::DOGS_APART), $home, $this->told($home), $gear);
        foreach (BodyPart::cases() as $part) {
            $life->parts[$part->value] = self::apart($this->dice, self::PARTS_APART);
        }
        $this->truth->knowDog($dog->id, $life);
        $every = $this->dice->between(44, 72);
        $start = $this->now->subDays(self::DAYS)->addDays($this->dice->between(0, $every));
        $start = $start->max(CarbonImmutable::parse($dog->born_on)->addMonths(self::FIRST_MONTHS));
        $past = [];
        $before = $start->subDays($this->dice->between(30, 90));
        while ($start < $until) {
            $door = $this->atTheDoor($start);
            $past[] = $this->visit($dog, $life, $past, (int) round($before->diffInDays($door)), $door);
            $before = $door;
            $start = $start->addDays(max(14, $every + $this->dice->between(-12, 14)));
        }
        $this->truth->knowVisits($dog->id, count($past));
    }

    /** One owner in five tells it better than it is. */
    private function told(HomeBrushing $home): HomeBrushing
    {
        $ways = [HomeBrushing::None, HomeBrushing::TopOnly, HomeBrushing::WeeklyToTheSkin, HomeBrushing::TwiceAWeekToTheSkin];
        $really = (int) array_search($home, $ways, true);

        return $this->dice->happens(self::TELL_WRONGLY) ? $ways[min(3, $really + $this->dice->between(1, 2))] : $home;
    }

    private static function apart(Dice $dice, float $deviation): float
    {
        return log($dice->spread($deviation));
    }

    /** @return int visits written */
    public function finish(string $truthFile): int
    {
        $this->flush();
        NextNumber::follows(DB::connection(), 'marks', 'number');
        (new ClockBook)->rebuild();
        (new MemoryBook)->rebuild();
        $this->truth->write($truthFile);

        return $this->visits;
    }

    /** The salon's hours, never on a Sunday. */
    private function atTheDoor(CarbonImmutable $day): CarbonImmutable
    {
        $there = $day->setTimezone(config('salon.timezone'));

        $open = $there->isSunday() ? $there->addDay() : $there;

        return $open->setTime($this->dice->between(8, 13), 5 * $this->dice->between(0, 11))->utc();
    }

    /**
     * @param list<VisitTells> $past
     * @param int $days since the comb-out before the first visit
     */
    private function visit(Dog $dog, HiddenDog $life, array $past, int $days, CarbonImmutable $start): VisitTells
    {
        $groomer = $this->staff[['Imke', 'Rosalind', 'Rosalind', 'Imke', 'Teo'][$this->dice->between(0, 4)]];
        $washed = $this->dice->happens(0.08);
        $memory = DogMemory::of($dog->coat, $past, $this->rules->memory, $dog->natural_mm);
        $lengths = $memory->lengthsMm($start->toDateTimeImmutable())
            ?? (new LeftCoat($dog->coat, $dog->coat_mm, $dog->section_mm, $this->rules->memory))->lengthsMm(0);
        $cameIn = array_map(fn(float $mm): float => round($mm), $lengths);
        $visit = new PastVisit($dog, $groomer, $this->rules, $this->ids, $this->dice, $this->device, $start, $cameIn);
        $answers = [
            'weightKg' => round(
                $dog->weight_kg * (0.97 + 0.06 * $this->dice->chance()),
                1,
            ), 'consent' => 'any', 'daysSinceCombOut' => $days, 'daysSinceBath' => min($days, $this->dice->between(5, 60)),
            'washedOverKnots' => $washed, 'gear' => array_column($life->gear, 'value'), 'homeBrushing' => $life->told->value, 'gearOff' => true,
            'wantedMm' => $dog->coat_mm,
        ];
        $found = $this->found($dog, $life, $memory, $memory->lengthsSince($cameIn), $days, $washed, $start);
        $open = $visit->play($answers, $found, $this->truth->pace($groomer->name, $dog->coat->value));
        $this->keep($visit, $open);

        return WhatItTells::of($open->report);
    }

    /**
     * @param array<string, float> $lengths in the middle of the days since the last visit, in mm, by section id
     *
     * @return array<string, string> comb results in shorthand by section id
     */
    private function found(
        Dog $dog,
        HiddenDog $life,
        DogMemory $memory,
        array $lengths,
        int $daysAtFirst,
        bool $washed,
        CarbonImmutable $start,
    ): array {
        $scale = new MattingScale($dog->coat, $this->rules->memory);
        $really = new LifeAtHome($life->home, false, $life->gear, false, [], $dog->ageMonths($start));
        $found = [];
        foreach (Section::cases() as $section) {
            $days = $memory->daysSince($section, $start->toDateTimeImmutable()) ?? $daysAtFirst;
            $exposure = $scale->exposure($section, max(1.0, $days), $lengths[$section->value], $really);
            $grade = $life->gradeAt($section, $exposure, $scale, $this->dice->chance());
            if ($grade === null) {
                $found[$section->value] = $this->dice->happens(0.15) ? '1' : '0';

                continue;
            }
            // Washed and air-dried over knots: a grade tighter, and half as far from the skin.
            $worse = $washed ? Grade::from(min(5, $grade->value + 1)) : $grade;
            $share = min(0.95, $this->rules->plan->assumedMattedShare[$worse->value] * $this->dice->spread(0.3));
            $lift = $this->rules->plan->assumedLiftMm[$worse->value] * $this->dice->spread(0.15) * ($washed ? 0.5 : 1);
            $found[$section->value] = sprintf(
                '%d/%.2f/%.1f',
                $worse->value,
                $worse === Grade::Pelted ? max(0.5, $share) : $share,
                $worse === Grade::Tangle ? max(4, $lift) : max(1.5, $lift),
            );
        }

        return $found;
    }

    private function keep(PastVisit $visit, OpenVisit $open): void
    {
        $this->visits++;
        foreach ($visit->rows() as $row) {
            $this->waiting['marks'][] = ['number' => ++$this->number, ...$row];
        }
        $this->waiting['visits'][] = $visit->visitRow($open, $this->number);
        array_push(
            $this->waiting['work_times'],
            ...ClockBook::rows($open->visit->id, $open->state->dog()->coat, WorkTime::of($open->report)),
        );
        if (count($this->waiting['visits']) >= self::VISITS_AT_ONCE) {
            $this->flush();
        }
    }

    private function flush(): void
    {
        foreach (['visits' => 40, 'marks' => 3000, 'work_times' => 3000] as $table => $atOnce) {
            foreach (array_chunk($this->waiting[$table] ?? [], $atOnce) as $rows) {
                DB::table($table)->insert($rows);
            }
        }
        $this->waiting = ['visits' => [], 'marks' => [], 'work_times' => []];
    }
}
