<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\Tools;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\HomeTool;

/** What makes a coat mat between two visits, besides the coat: as the owner told it. */
final readonly class LifeAtHome
{
    /**
     * @param bool $shown the owner showed the comb test
     * @param list<Gear> $gear worn day by day
     * @param bool $airDries let dry by itself after baths at home
     * @param list<Section> $chewed where the dog chews or licks, that side only
     * @param int $ageMonths 0 or more
     */
    public function __construct(
        public HomeBrushing $home,
        public bool $shown,
        public array $gear,
        public bool $airDries,
        public array $chewed,
        public int $ageMonths,
    ) {}

    /**
     * As the owner told it on arrival, by what the brush at home can reach: one that slides over a dense coat brushes only the
     * top, and without a comb nobody is through to the skin more than once a week.
     *
     * @param CoatType $coat and its length in mm: what a brush has to get through
     * @param bool|null $comb there is one at home; null: not asked
     * @param list<Gear> $gear
     * @param list<Section> $chewed
     */
    public static function told(
        CoatType $coat,
        float $coatMm,
        ?HomeBrushing $home,
        ?HomeTool $tool,
        ?bool $comb,
        bool $shown,
        array $gear,
        bool $airDries,
        array $chewed,
        int $ageMonths,
    ): self {
        $home ??= HomeBrushing::None;
        $isDense = match ($coat) {
            CoatType::Curly, CoatType::Mixed => true,
            CoatType::Silky => $coatMm < Tools::LONG_DROP_COAT_MM,
            default => false,
        };
        $isOften = $home === HomeBrushing::TwiceAWeekToTheSkin || $home === HomeBrushing::DailyToTheSkin;

        return new self(
            match (true) {
                $home === HomeBrushing::None => $home,
                $isDense && $tool?->slidesOver() === true => HomeBrushing::TopOnly,
                $comb === false && $isOften => HomeBrushing::WeeklyToTheSkin,
                default => $home,
            },
            $shown,
            $gear,
            $airDries,
            $chewed,
            $ageMonths,
        );
    }

    /** The same home, at another age. */
    public function atAge(int $months): self
    {
        return new self($this->home, $this->shown, $this->gear, $this->airDries, $this->chewed, $months);
    }

    public function with(HomeBrushing $home): self
    {
        return new self($home, $this->shown, $this->gear, $this->airDries, $this->chewed, $this->ageMonths);
    }
}
