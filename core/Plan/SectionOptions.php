<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What is offered for a graded section, and what is not and why. */
final readonly class SectionOptions
{
    /**
     * @param list<Option> $offered
     * @param list<NotOffered> $notOffered
     */
    public function __construct(public array $offered, public array $notOffered) {}

    public function isStuck(): bool
    {
        return $this->offered === [];
    }

    /** Nothing may be done here but leave it. */
    public function isLeftAlone(): bool
    {
        return count($this->offered) === 1 && $this->offered[0]->treatment->kind === TreatmentKind::Leave;
    }

    /** Leaving a place alone can be chosen anywhere, though it is only offered where nothing else may be done. */
    public function find(Treatment $treatment): ?Option
    {
        if ($treatment->kind === TreatmentKind::Leave) {
            return Option::leave();
        }
        foreach ($this->offered as $option) {
            if ($option->treatment->code() === $treatment->code()) {
                return $option;
            }
        }

        return null;
    }

    /** What is done when nobody chose otherwise: hair that combs out is brushed, and a lone way is the way. */
    public function assumed(): ?Option
    {
        return $this->find(Treatment::brush()) ?? (count($this->offered) === 1 ? $this->offered[0] : null);
    }
}
