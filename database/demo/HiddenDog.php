<?php

declare(strict_types=1);

namespace Database\Demo;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Memory\MattingScale;

/** What a dog of the demo world really is: how fast it mats, and what is done at home. */
final class HiddenDog
{
    /** @var array<string, float> the parts' own slowness, by body part */
    public array $parts = [];

    /**
     * @param float $slowness the dog's own, as a logarithm: over 0 mats slower
     * @param HomeBrushing $home what the owner does
     * @param HomeBrushing $told what the owner says
     * @param list<Gear> $gear
     */
    public function __construct(
        public readonly float $slowness,
        public readonly HomeBrushing $home,
        public readonly HomeBrushing $told,
        public readonly array $gear,
    ) {}

    /**
     * The grade a section has come to, for one throw of the dice.
     *
     * @param float $chance 0–1; the worst grade that is more likely than this
     *
     * @return Grade|null null: not matted
     */
    public function gradeAt(Section $section, float $exposure, MattingScale $scale, float $chance): ?Grade
    {
        $shrink = exp(-2 * ($this->slowness + $this->parts[$section->part()->value]));
        foreach ([Grade::Pelted, Grade::TightMat, Grade::Mat, Grade::Tangle] as $grade) {
            if (1 - exp(-$exposure / $scale->gradeSquared($grade) * $shrink) > $chance) {
                return $grade;
            }
        }

        return null;
    }
}
