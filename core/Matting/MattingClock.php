<?php

declare(strict_types=1);

namespace HoundCheck\Core\Matting;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\Tools;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\MattingRules;

/**
 * How likely a section, combed out to the skin, is matted again after some days.
 *
 * P(grade or worse within t days) = 1 − exp(−(t / (τ · m · c))²), τ the dog's clock in days, m the section's factor,
 * c the grade's. A trade's rule of thumb.
 */
final readonly class MattingClock
{
    /** @param list<Gear> $gear worn day by day */
    private function __construct(private float $clockDays, private array $gear, private MattingRules $rules) {}

    /**
     * The clock of the usual dog with this coat, brushed at home like this.
     *
     * @param list<Gear> $gear
     * @param HomeBrushing|null $home not known counts as none
     */
    public static function usual(Dog $dog, array $gear, ?HomeBrushing $home, MattingRules $rules): self
    {
        return new self(
            self::medianDays($dog->coat, $dog->coatMm, $rules) * $rules->byHomeBrushing[($home ?? HomeBrushing::None)->value],
            $gear,
            $rules,
        );
    }

    /**
     * The clock of one dog whose own days are known, home brushing included.
     *
     * @param list<Gear> $gear
     */
    public static function ofDays(float $clockDays, array $gear, MattingRules $rules): self
    {
        return new self($clockDays, $gear, $rules);
    }

    /** Days of the usual dog with this coat, not brushed at home. */
    public static function medianDays(CoatType $coat, float $coatMm, MattingRules $rules): float
    {
        return $rules->medianDaysByCoat[$coat === CoatType::Silky && $coatMm >= Tools::LONG_DROP_COAT_MM ? 'silky_long' : $coat->value];
    }

    /**
     * The grade a section has come to, for one throw of the dice.
     *
     * @param float $days since it was combed out to the skin
     * @param float $chance 0–1; the worst grade that is more likely than this
     *
     * @return Grade|null null: not matted
     */
    public function gradeAt(Section $section, float $days, float $chance): ?Grade
    {
        foreach ([Grade::Pelted, Grade::TightMat, Grade::Mat, Grade::Tangle] as $grade) {
            if ($this->probability($section, $grade, $days) > $chance) {
                return $grade;
            }
        }

        return null;
    }

    /**
     * @param Grade $atLeast Tangle or worse
     * @param float $days since the section was combed out to the skin, 0 or more
     *
     * @return float 0–1
     */
    public function probability(Section $section, Grade $atLeast, float $days): float
    {
        $scale = $this->clockDays * $this->sectionFactor($section->part()) * $this->rules->byGrade[$atLeast->value];

        return 1 - exp(-(($days / $scale) ** 2));
    }

    /**
     * How many of the 30 sections to expect at a grade or worse.
     *
     * @param bool $washedOverKnots knots that were washed and air-dried over are a grade tighter
     */
    public function expectedSections(Grade $atLeast, float $days, bool $washedOverKnots = false): float
    {
        $before = $washedOverKnots && $atLeast !== Grade::Tangle ? Grade::from($atLeast->value - 1) : $atLeast;

        return array_sum(array_map(fn(Section $section): float => $this->probability($section, $before, $days), Section::cases()));
    }

    private function sectionFactor(BodyPart $part): float
    {
        $factor = $this->rules->byPart[$part->value];
        foreach ([[Gear::Harness, $this->rules->harnessFactor], [Gear::Collar, $this->rules->collarFactor]] as [$gear, $rub]) {
            if (in_array($gear, $this->gear, true) && in_array($part, $gear->rubs(), true)) {
                $factor *= $rub;
            }
        }

        return $factor;
    }
}
