<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\MemoryRules;

/**
 * How much matting some days bring to a section of the usual dog.
 *
 * A section combed to the skin reaches a grade or worse within t days with probability 1 − exp(−x / c² × e^(−2s)): x, what is
 * worked out here, H × (t / scale)² at grade Mat; c the grade's factor; s the dog's own and the part's own slowness together.
 */
final readonly class MattingScale
{
    private const LENGTH_POWER = 0.8;

    private const USUAL_MM = 60.0;

    private const SHORTEST_MM = 8.0;

    private const LONGEST_MM = 200.0;

    public function __construct(private CoatType $coat, private MemoryRules $rules) {}

    /**
     * @param float $days since the section was combed out to the skin, over 0
     * @param float $lengthMm of the section in the middle of these days
     *
     * @return float x, over 0
     */
    public function exposure(Section $section, float $days, float $lengthMm, LifeAtHome $life): float
    {
        return $this->leftByBrushing($life, $days) * ($days / $this->days($section, $lengthMm, $life)) ** 2;
    }

    /** Grade c² of 2–5, by which an exposure is divided. */
    public function gradeSquared(Grade $grade): float
    {
        return $this->rules->byGrade[$grade->value] ** 2;
    }

    /**
     * Part of the hazard that stays where a section is brushed to the skin every so many days.
     *
     * @param float $everyDays over 0
     */
    public function leftByBrushingEvery(float $everyDays, float $days, bool $shown): float
    {
        return self::left($shown ? $this->rules->leftAsShown : $this->rules->leftAsTold, $everyDays, $days);
    }

    private function leftByBrushing(LifeAtHome $life, float $days): float
    {
        return match ($life->home) {
            HomeBrushing::None => 1.0,
            HomeBrushing::TopOnly => self::left($this->rules->leftByTheTop, $this->rules->brushEveryDays[$life->home->value], $days),
            default => $this->leftByBrushingEvery($this->rules->brushEveryDays[$life->home->value], $days, $life->shown),
        };
    }

    private static function left(float $part, float $everyDays, float $days): float
    {
        return $part + (1 - $part) * min(1.0, $everyDays / $days);
    }

    /** The days of the usual dog at this place, not brushed at home. */
    private function days(Section $section, float $lengthMm, LifeAtHome $life): float
    {
        $rules = $this->rules;
        $part = $section->part();
        $days = $rules->daysByCoat[$this->coat->value] * $rules->byPart[$part->value]
            * (self::USUAL_MM / max(self::SHORTEST_MM, min(self::LONGEST_MM, $lengthMm))) ** self::LENGTH_POWER;
        foreach ($life->gear as $gear) {
            $days *= in_array($part, $gear->rubs(), true) ? $rules->byGear[$gear->value] : 1.0;
        }
        $days *= in_array($section, $life->chewed, true) ? $rules->chewedFactor : 1.0;
        $days *= $this->coat->changesAt($life->ageMonths) ? $rules->coatChangeFactor : 1.0;

        return $days * ($life->airDries && $this->coat->changes() ? $rules->airDryFactor : 1.0);
    }
}
