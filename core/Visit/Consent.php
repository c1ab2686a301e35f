<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\Treatment;

/** What the client's word allows at this moment. Whoever wants to cut asks here. */
final readonly class Consent
{
    private function __construct(
        public Agreement $agreement,
        public ?VoidedBy $voidedBy,
        public ClipConsent $permission,
        private PlanRules $rules,
    ) {}

    public static function of(VisitReport $visit): self
    {
        $agreement = $visit->state->agreement;

        return new self(
            $agreement,
            $agreement->agreed === null ? null : (new TermsNow($visit))->voids($agreement->agreed),
            $agreement->permission($visit->state->arrival->consent()),
            $visit->rules->plan,
        );
    }

    /** A yes is in force, and what it rests on is as it was, or better for the client. */
    public function holds(): bool
    {
        return $this->agreement->no === null && $this->agreement->agreed !== null && $this->voidedBy === null;
    }

    /** Within what the client allowed without asking, or not shorter than what the client said yes to; never over a no. */
    public function mayClip(Section $section, float $mm): bool
    {
        $agreed = $this->holds() ? $this->agreement->agreed?->choices->for($section)?->clipMm : null;

        return $this->mayClipUnasked($section) || ($agreed !== null && $agreed <= $mm);
    }

    public function mayClipUnasked(Section $section): bool
    {
        return $this->agreement->no === null && $this->permission->allowsWithoutAsking($section, $this->rules);
    }

    /**
     * @param \Closure(Section, float): bool $may
     *
     * @return list<Section> that would be clipped and may not be
     */
    public static function beyond(Choices $planned, \Closure $may): array
    {
        $clips = array_filter($planned->bySection, fn(Treatment $treatment): bool => $treatment->clipMm !== null);

        return array_values(array_filter(
            array_map(fn(string $id): Section => Section::from($id), array_keys($clips)),
            fn(Section $section): bool => ! $may($section, (float) $clips[$section->value]->clipMm),
        ));
    }
}
