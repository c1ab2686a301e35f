<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Marks\Kinds\AftercareChosen;
use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\BathStepped;
use HoundCheck\Core\Marks\Kinds\Dried;
use HoundCheck\Core\Marks\Kinds\DryStarted;
use HoundCheck\Core\Marks\Kinds\FinishTicked;
use HoundCheck\Core\Marks\Kinds\SecondCombed;
use HoundCheck\Core\Marks\Kinds\SignedOff;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\WaivedStep;

/** What happened after the brush-out: bath, drying, second comb check, finish. */
final readonly class BathRun
{
    /**
     * @param Mark<BathCleared>|null $cleared the latest
     * @param array<string, Mark<BathStepped>> $steps the latest of each, by step
     * @param Mark<DryStarted>|null $drying
     * @param array<string, Mark<Dried>> $dried by area
     * @param array<string, Mark<SecondCombed>> $second the latest by section id
     * @param array<string, Mark<Waived>> $waivers after drying, by section id
     * @param array<string, Mark<FinishTicked>> $ticks by item
     * @param Mark<AftercareChosen>|null $aftercare
     * @param Mark<SignedOff>|null $signedOff
     */
    public function __construct(
        public ?Mark $cleared = null,
        public array $steps = [],
        public ?Mark $drying = null,
        public array $dried = [],
        public array $second = [],
        public array $waivers = [],
        public array $ticks = [],
        public ?Mark $aftercare = null,
        public ?Mark $signedOff = null,
    ) {}

    /** @param Mark<Payload> $mark in the order of arrival */
    public function after(Mark $mark): self
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;

        return match (true) {
            $what instanceof BathCleared => $this->with(cleared: $mark->of(BathCleared::class)),
            $what instanceof BathStepped => $this->with(steps: [...$this->steps, $what->step->value => $mark->of(BathStepped::class)]),
            $what instanceof DryStarted => $this->with(drying: $mark->of(DryStarted::class)),
            $what instanceof Dried => $this->with(dried: [...$this->dried, $what->area->value => $mark->of(Dried::class)]),
            $what instanceof SecondCombed => $this->with(second: [...$this->second, $id => $mark->of(SecondCombed::class)]),
            $what instanceof Waived && $what->step === WaivedStep::AfterDrying => $this->with(
                waivers: [...$this->waivers, $id => $mark->of(Waived::class)],
            ),
            $what instanceof FinishTicked => $this->with(ticks: [...$this->ticks, $what->item->value => $mark->of(FinishTicked::class)]),
            $what instanceof AftercareChosen => $this->with(aftercare: $mark->of(AftercareChosen::class)),
            $what instanceof SignedOff => $this->with(signedOff: $mark->of(SignedOff::class)),
            default => $this,
        };
    }

    /** Rinsed until nothing is left, or the clean parts were sponged. */
    public function isBathed(): bool
    {
        return isset($this->steps[BathStep::RinsedOut->value]) || isset($this->steps[BathStep::Sponged->value]);
    }

    /** Minutes that products stay on, of those that were used so far. */
    public function contactMinutes(): float
    {
        return (float) array_sum(array_map(fn(Mark $step): float => $step->what->contactMinutes ?? 0.0, $this->steps));
    }

    /** Water is on the dog: from here it is rinsed and dried, whatever is found. */
    public function isWet(): bool
    {
        return $this->steps !== [];
    }

    public function isDry(): bool
    {
        return count($this->dried) === count(DryArea::cases());
    }

    public function isDryAt(Section $section): bool
    {
        return isset($this->dried[DryArea::of($section)->value]);
    }

    /** Grade by the second comb check; null before it, and where the comb ran over the top. */
    public function secondGrade(Section $section): ?Grade
    {
        $combed = $this->second[$section->value] ?? null;

        return $combed === null ? null : (new Grader)->grade($combed->what->check)->grade;
    }

    public function passedSecond(Section $section): bool
    {
        return $this->secondGrade($section) === Grade::Clear;
    }

    public function isWaived(Section $section): bool
    {
        return isset($this->waivers[$section->value]);
    }

    /**
     * @param list<Section> $leftAlone sections that nobody combs
     *
     * @return list<Section> that want the second comb check, or failed it
     */
    public function toCombAgain(array $leftAlone): array
    {
        return array_values(array_filter(
            Section::cases(),
            fn(Section $section): bool => ! $this->passedSecond($section)
                && ! $this->isWaived($section)
                && ! in_array($section, $leftAlone, true),
        ));
    }

    /**
     * Nothing of it is ever taken away.
     *
     * @param Mark<BathCleared>|null $cleared
     * @param array<string, Mark<BathStepped>>|null $steps
     * @param Mark<DryStarted>|null $drying
     * @param array<string, Mark<Dried>>|null $dried
     * @param array<string, Mark<SecondCombed>>|null $second
     * @param array<string, Mark<Waived>>|null $waivers
     * @param array<string, Mark<FinishTicked>>|null $ticks
     * @param Mark<AftercareChosen>|null $aftercare
     * @param Mark<SignedOff>|null $signedOff
     */
    private function with(
        ?Mark $cleared = null,
        ?array $steps = null,
        ?Mark $drying = null,
        ?array $dried = null,
        ?array $second = null,
        ?array $waivers = null,
        ?array $ticks = null,
        ?Mark $aftercare = null,
        ?Mark $signedOff = null,
    ): self {
        return new self(
            $cleared ?? $this->cleared,
            $steps ?? $this->steps,
            $drying ?? $this->drying,
            $dried ?? $this->dried,
            $second ?? $this->second,
            $waivers ?? $this->waivers,
            $ticks ?? $this->ticks,
            $aftercare ?? $this->aftercare,
            $signedOff ?? $this->signedOff,
        );
    }
}
