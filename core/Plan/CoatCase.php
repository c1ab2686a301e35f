<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\LengthPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\House\PlanRules;

/** Everything a coat plan is made from: the dog, the kit, the table slot, the client's word, and what the comb found. */
final readonly class CoatCase
{
    /**
     * @param int $slotMinutes table time planned for the dog
     * @param array<string, SectionReading> $sections by section id; one that is missing was not checked
     * @param float|null $wantedMm the length the client wants; null: as it is
     * @param list<Section> $prized places the client cares about most
     * @param array<string, float> $wantedByPart lengths wanted for a part of the dog, in mm, by `LengthPart`; they go before `wantedMm`
     * @param bool $demattingOver the dog has borne today what it may be asked, or has snapped
     */
    public function __construct(
        public Dog $dog,
        public Kit $kit,
        public int $slotMinutes,
        public ClipConsent $consent,
        public array $sections,
        public bool $demattingOver = false,
        public ?float $wantedMm = null,
        public array $prized = [],
        public array $wantedByPart = [],
    ) {}

    /** The same but for slot and places. */
    public function isLike(self $other): bool
    {
        return ($this->dog <=> $other->dog) === 0
            && ($this->kit <=> $other->kit) === 0
            && $this->consent === $other->consent
            && $this->wantedMm === $other->wantedMm
            && $this->wantedByPart === $other->wantedByPart
            && $this->prized === $other->prized
            && $this->demattingOver === $other->demattingOver;
    }

    /** What the client said of this part of the dog, else of the whole dog, in mm; null: as it is. */
    public function wantedAt(Section $section): ?float
    {
        return $this->wantedByPart[LengthPart::of($section)->value] ?? $this->wantedMm;
    }

    /**
     * The length that the client wants to see at a section, in mm: the coat's own where nothing shorter is wanted. On a
     * double coat a short cut is a clip of its own, with the client's yes to what it does; so it does not count here.
     */
    public function wantedLengthMm(Section $section, PlanRules $rules): float
    {
        $now = $this->dog->lengthMm($section);
        $wanted = $this->wantedAt($section);
        $counts = $wanted !== null
            && ($this->dog->coat !== CoatType::Double || (! $this->dog->primitive && $wanted >= $rules->doubleCoatLeastMm));

        return $counts ? min($now, $wanted) : $now;
    }

    /**
     * Part of the coat that a cut keeps, 0–1, whether it is planned or made: whoever wants the dog at 13 mm loses nothing by a
     * 13 mm blade, and little by one nearly as long.
     */
    public function keptByCutTo(float $mm, Section $section, PlanRules $rules): float
    {
        $wanted = $this->wantedLengthMm($section, $rules);

        return match (true) {
            $mm >= $wanted => 1.0,
            $mm >= $rules->nearlyFrom * $wanted => $rules->nearlyKeeps,
            default => $mm / $wanted,
        };
    }

    /** How much of what shows a section counts, by what the owner cares about. Percent of the body, seen and prized. */
    public function weight(Section $section, PlanRules $rules): float
    {
        return $rules->weight($section, $this->prized);
    }

    public function reading(Section $section): SectionReading
    {
        return $this->sections[$section->value] ?? new SectionReading(new CombCheck);
    }
}
