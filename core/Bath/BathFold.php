<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

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
use HoundCheck\Core\Marks\Words\WaivedStep;

/** Folds the marks of bath, drying, second comb check and finish. */
final class BathFold
{
    /** @var Mark<BathCleared>|null */
    private ?Mark $cleared = null;

    /** @var array<string, Mark<BathStepped>> */
    private array $steps = [];

    /** @var Mark<DryStarted>|null */
    private ?Mark $drying = null;

    /** @var array<string, Mark<Dried>> */
    private array $dried = [];

    /** @var array<string, Mark<SecondCombed>> */
    private array $second = [];

    /** @var array<string, Mark<Waived>> */
    private array $waivers = [];

    /** @var array<string, Mark<FinishTicked>> */
    private array $ticks = [];

    /** @var Mark<AftercareChosen>|null */
    private ?Mark $aftercare = null;

    /** @var Mark<SignedOff>|null */
    private ?Mark $signedOff = null;

    /** @param Mark<Payload> $mark in the order of arrival */
    public function take(Mark $mark): void
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;
        match (true) {
            $what instanceof BathCleared => $this->cleared = $mark->of(BathCleared::class),
            $what instanceof BathStepped => $this->steps[$what->step->value] = $mark->of(BathStepped::class),
            $what instanceof DryStarted => $this->drying = $mark->of(DryStarted::class),
            $what instanceof Dried => $this->dried[$what->area->value] = $mark->of(Dried::class),
            $what instanceof SecondCombed => $this->second[$id] = $mark->of(SecondCombed::class),
            $what instanceof Waived && $what->step === WaivedStep::AfterDrying => $this->waivers[$id] = $mark->of(Waived::class),
            $what instanceof FinishTicked => $this->ticks[$what->item->value] = $mark->of(FinishTicked::class),
            $what instanceof AftercareChosen => $this->aftercare = $mark->of(AftercareChosen::class),
            $what instanceof SignedOff => $this->signedOff = $mark->of(SignedOff::class),
            default => null,
        };
    }

    public function run(): BathRun
    {
        return new BathRun(
            $this->cleared,
            $this->steps,
            $this->drying,
            $this->dried,
            $this->second,
            $this->waivers,
            $this->ticks,
            $this->aftercare,
            $this->signedOff,
        );
    }
}
