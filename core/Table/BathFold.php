<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Table\Marks\AftercareChosen;
use HoundCheck\Core\Table\Marks\BathCleared;
use HoundCheck\Core\Table\Marks\BathStepped;
use HoundCheck\Core\Table\Marks\Dried;
use HoundCheck\Core\Table\Marks\DryStarted;
use HoundCheck\Core\Table\Marks\FinishTicked;
use HoundCheck\Core\Table\Marks\SecondCombed;
use HoundCheck\Core\Table\Marks\SignedOff;
use HoundCheck\Core\Table\Marks\Waived;

/** Folds the marks of bath, drying, second comb check and finish. */
final class BathFold
{
    /** @var Recorded<BathCleared>|null */
    private ?Recorded $cleared = null;

    /** @var array<string, Recorded<BathStepped>> */
    private array $steps = [];

    /** @var Recorded<DryStarted>|null */
    private ?Recorded $drying = null;

    /** @var array<string, Recorded<Dried>> */
    private array $dried = [];

    /** @var array<string, Recorded<SecondCombed>> */
    private array $second = [];

    /** @var array<string, Recorded<Waived>> */
    private array $waivers = [];

    /** @var array<string, Recorded<FinishTicked>> */
    private array $ticks = [];

    /** @var Recorded<AftercareChosen>|null */
    private ?Recorded $aftercare = null;

    /** @var Recorded<SignedOff>|null */
    private ?Recorded $signedOff = null;

    /** @param Recorded<Payload> $mark in the order of arrival */
    public function take(Recorded $mark): void
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;
        // The same mark, known by what it holds.
        $mark = new Recorded($mark->id, $what, $mark->section, $mark->at, $mark->by);
        match (true) {
            $what instanceof BathCleared => $this->cleared = $mark,
            $what instanceof BathStepped => $this->steps[$what->step->value] = $mark,
            $what instanceof DryStarted => $this->drying = $mark,
            $what instanceof Dried => $this->dried[$what->area->value] = $mark,
            $what instanceof SecondCombed => $this->second[$id] = $mark,
            $what instanceof Waived && $what->step === WaivedStep::AfterDrying => $this->waivers[$id] = $mark,
            $what instanceof FinishTicked => $this->ticks[$what->item->value] = $mark,
            $what instanceof AftercareChosen => $this->aftercare = $mark,
            $what instanceof SignedOff => $this->signedOff = $mark,
            default => null,
        };
    }

    public function run(): BathRun
    {
        return new BathRun($this->cleared, $this->steps, $this->drying, $this->dried, $this->second, $this->waivers, $this->ticks, $this->aftercare, $this->signedOff);
    }
}
