<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Tolerance\Tension;
use HoundCheck\Core\Tolerance\Tolerance;

/** Works out from a dog's clock what days to come will bring, whatever it is cut to and however it is brushed at home. */
final readonly class Forecaster
{
    public const DAYS_A_WEEK = 7;

    /** From this on an owner sees a mat there. */
    private const SEEN = 0.4;

    private MemoryRules $rules;

    private MattingScale $scale;

    private Tension $tension;

    public Tolerance $tolerance;

    /** @var array<string, float> part of what shows, by section id, summing up to 1 */
    private array $weights;

    /** @param Dog $dog as it is now; its coat's length does not count */
    public function __construct(
        private Dog $dog,
        private DogsClock $clock,
        private HouseRules $house,
    ) {
        $this->rules = $house->memory;
        $this->scale = new MattingScale($dog->coat, $house->memory);
        $this->tension = new Tension($house->tolerance);
        $this->tolerance = Tolerance::of($dog, $house->tolerance);
        $weights = [];
        foreach (Section::cases() as $section) {
            $weights[$section->value] = $house->plan->weight($section);
        }
        $all = array_sum($weights);
        $this->weights = array_map(fn(float $weight): float => $weight / $all, $weights);
    }

    /** @param int $weeks 1 or more */
    public function after(int $weeks, LeftCoat $coat, LifeAtHome $life): IntervalForecast
    {
        $tangles = $mats = $matsSeen = $tight = $lost = $minutes = $tension = $matMinutes = 0.0;
        $effort = $this->effortAfter($weeks, $coat);
        $places = $this->chances($weeks, $coat, $life);
        foreach ($places as $id => $chances) {
            $section = Section::from($id);
            $tangles += $chances[Grade::Tangle->value];
            $mats += $chances[Grade::Mat->value];
            $matsSeen += $section->facts()->seen >= self::SEEN ? $chances[Grade::Mat->value] : 0.0;
            $tight += $chances[Grade::TightMat->value];
            $lost += $this->weights[$id] * $chances[Grade::TightMat->value];
            [$work, $pulling, $opening] = $this->work($section, $chances, $effort);
            $minutes += $work;
            $tension += $pulling;
            $matMinutes += $opening;
        }

        return new IntervalForecast($weeks, $tangles, $mats, $matsSeen, $tight, $lost, $minutes, $tension, $matMinutes, $places);
    }

    /**
     * @return array<string, array<int, float>> chance of each grade 2–5 or worse, by section id
     */
    public function chances(int $weeks, LeftCoat $coat, LifeAtHome $life): array
    {
        $chances = [];
        $known = [];
        foreach (Section::cases() as $section) {
            $exposure = $this->exposure($section, $weeks, $coat, $life);
            // Left and right differ only where they were cut or chewed differently.
            $chances[$section->value] = $known[$section->part()->value.'@'.$exposure] ??= $this->clock->chances($section, $exposure);
        }

        return $chances;
    }

    public function exposure(Section $section, int $weeks, LeftCoat $coat, LifeAtHome $life): float
    {
        $days = self::DAYS_A_WEEK * $weeks;

        return $this->scale->exposure($section, $days, $coat->lengthMm($section, $days / 2), $life);
    }

    /** Whether a coat can be kept like this: little to open where it shows, little pulling, little that would have to go. */
    public function isKeepable(IntervalForecast $forecast): bool
    {
        return $this->limits($forecast) === [];
    }

    /** @return list<KeepLimit> what an interval is too long for, the worst first */
    public function limits(IntervalForecast $forecast): array
    {
        return array_column(array_filter([
            [KeepLimit::Lost, $forecast->lost > $this->mostLost()],
            [KeepLimit::Pulling, $forecast->tension > $this->mostTension()],
            [KeepLimit::MatsSeen, $forecast->matsSeen >= $this->rules->keepableMatsSeen],
        ], fn(array $limit): bool => $limit[1]), 0);
    }

    /** Part of the coat that shows which a kept coat may lose at most. */
    public function mostLost(): float
    {
        return $this->dog->coat === CoatType::Double ? $this->rules->keepableLostDouble : $this->rules->keepableLost;
    }

    /** Tension minutes that a kept coat asks at most. */
    public function mostTension(): float
    {
        return $this->rules->keepableTensionPart * $this->tolerance->minutes;
    }

    /** Minutes of work on the coat that it has grown to by then. */
    public function effortAfter(int $weeks, LeftCoat $coat): Effort
    {
        return $this->effortOf($coat, self::DAYS_A_WEEK * $weeks);
    }

    /** @param float $days that the coat has grown */
    public function effortOf(LeftCoat $coat, float $days): Effort
    {
        $dog = $this->dog;

        return new Effort(
            new Dog(
                $dog->weightKg,
                $dog->coat,
                $dog->primitive,
                $coat->coatMm,
                $coat->lengthsMm($days),
                $dog->ageMonths,
                $dog->temperament,
                $dog->health,
            ),
            $this->house->effort,
            $this->house->schools->mats === MatSchool::SplittingToolAllowed,
        );
    }

    /**
     * What a section asks at the table.
     *
     * @param array<int, float> $chances of each grade 2–5 or worse; 1 up to a grade and 0 beyond it, where it is known
     *
     * @return array{float, float, float} minutes, tension minutes and of the minutes those of opening mats, to expect
     */
    public function work(Section $section, array $chances, Effort $effort): array
    {
        $pelted = $chances[Grade::Pelted->value];
        $shares = $this->house->plan->assumedMattedShare;
        $clip = $effort->clipMinutes($section, Grade::Pelted, $shares[Grade::Pelted->value]);
        $minutes = $effort->lineMinutes($section) * (1 - $pelted) + $pelted * $clip;
        $matMinutes = 0.0;
        $tension = $pelted * $this->tension->ofClipping($section, Grade::Pelted, $clip, null);
        foreach ([Grade::Tangle, Grade::Mat, Grade::TightMat] as $grade) {
            $chance = $chances[$grade->value] - $chances[$grade->value + 1];
            $open = $effort->matMinutes($section, $grade, $shares[$grade->value]);
            $minutes += $chance * $open;
            $matMinutes += $chance * $open;
            $tension += $chance * $this->tension->ofDematting($section, $grade, $open);
        }

        return [$minutes, $tension, $matMinutes];
    }
}
