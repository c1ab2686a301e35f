<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\Kit;

/** Everything a coat plan is made from: the dog, the kit, the table slot, the client's word, and what the comb found. */
final readonly class CoatCase
{
    /**
     * @param int $slotMinutes table time planned for the dog
     * @param array<string, SectionReading> $sections by section id; one that is missing was not checked
     * @param bool $demattingOver the dog has borne today what it may be asked, or has snapped
     */
    public function __construct(
        public Dog $dog,
        public Kit $kit,
        public int $slotMinutes,
        public ClipConsent $consent,
        public array $sections,
        public bool $demattingOver = false,
    ) {}

    /** The same but for slot and places. */
    public function isLike(self $other): bool
    {
        return ($this->dog <=> $other->dog) === 0
            && ($this->kit <=> $other->kit) === 0
            && $this->consent === $other->consent
            && $this->demattingOver === $other->demattingOver;
    }

    public function reading(Section $section): SectionReading
    {
        return $this->sections[$section->value] ?? new SectionReading(new CombCheck);
    }
}
