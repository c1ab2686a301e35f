<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Bath\BathGate;
use HoundCheck\Core\Bath\HeldPlaces;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\Tools;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Marks\Words\HeldWay;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Price;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Table\Borne;

/**
 * What follows from a visit by the house's rules: what was found, the plan as it stands, what the dog has borne, the gate.
 *
 * Before the work begins the plan is the inspection's. Once it has begun, it is the plan from here: what is done stays
 * done and costs nothing any more, a place where the comb stopped is graded anew, and the rest has to fit into what is
 * left of the table time and of the dog's tolerance.
 */
final readonly class VisitReport
{
    /**
     * @param CoatReport $atInspection what the inspection found
     * @param CoatReport $withTable the same, with what the comb found at the table: what each place asks as a whole
     * @param CoatReport $fromHere what is left to do: done is done, and the rest fits into what is left
     * @param PlanTotals $totals of what is chosen, from here
     * @param list<Section> $held left alone until a vet has looked
     * @param list<Section> $toMind a growth, a hot spot or pain there has not been minded yet
     * @param CoatReport|null $over where dematting is over for today: the places as they are then
     */
    private function __construct(
        public VisitState $state,
        public HouseRules $rules,
        public CoatReport $atInspection,
        public CoatReport $withTable,
        public CoatReport $fromHere,
        public PlanTotals $totals,
        public Borne $borne,
        public array $held,
        public array $toMind,
        private \DateTimeZone $salon,
        private Readings $readings,
        private ?CoatReport $over = null,
    ) {}

    /**
     * @param self|null $before the visit a mark earlier: what did not change is not worked out again
     */
    public static function of(VisitState $state, Known $known, ?self $before = null): self
    {
        $rules = $known->rules;
        $salon = $known->salon;
        $readings = new Readings($state, $known);
        $toMind = array_values(array_filter(
            Section::cases(),
            fn(Section $section): bool => $state->findings->wantsMindingAt($section),
        ));
        $found = CoatReport::of($readings->atInspection(), $rules, $before?->atInspection);
        if (! $state->run->hasBegun()) {
            $borne = Borne::of($state->run, $found->tolerance->minutes, $rules->table);

            return new self(
                $state,
                $rules,
                $found,
                $found,
                $found,
                PlanTotals::of($found, $state->planned->choicesAmong($found->options)),
                $borne,
                Held::in($state, $found, $state->planned->choicesAmong($found->options)),
                $toMind,
                $salon,
                $readings,
            );
        }
        $case = $readings->withTable();
        $work = CoatReport::of($case, $rules, $before->withTable ?? $found);
        $borne = Borne::of($state->run, $work->tolerance->minutes, $rules->table);
        $done = DoneWork::of($state->run, $work);
        $over = $borne->isSpent() ? CoatReport::of($readings->withTable(true), $rules, $before?->over) : null;
        $report = ($over ?? $work)->fromHere($over->case ?? $case, $done, $borne->left(), $state->hands->feet->seconds / 60);
        $choices = Choices::of([
            ...$state->planned->choicesAmong($report->options)->bySection,
            ...$done->map(fn(Option $option): Treatment => $option->treatment)->byId(),
        ]);

        return new self(
            $state,
            $rules,
            $found,
            $work,
            $report,
            PlanTotals::of($report, $choices),
            $borne,
            Held::in($state, $over ?? $work, $choices),
            $toMind,
            $salon,
            $readings,
            $over,
        );
    }

    /** What is fixed and can still be had: a treatment that is no longer offered, or is done, holds up no plan. */
    public function wishes(): Wishes
    {
        $wishes = $this->state->planned->wishes();
        $offered = fn(Treatment $treatment, string $id): bool => $this->fromHere->options->at(Section::from($id))?->find($treatment)
            !== null;

        return new Wishes(array_filter($wishes->fixed, $offered, ARRAY_FILTER_USE_BOTH), $wishes->even);
    }

    /**
     * Minutes that the work at a section is reckoned at as a whole, uncorrected: what counts so far and what is planned;
     * null where nothing is decided.
     */
    public function sectionMinutes(Section $section): ?float
    {
        $ledger = $this->state->run->at($section);
        $planned = $this->plannedOption($section)?->minutes;

        return match (true) {
            $ledger->isDone() || $ledger->wantsTheCombAfterItsCut() => $ledger->work()->minutes,
            $planned === null => null,
            default => $ledger->done->minutes + $planned,
        };
    }

    /** Minutes of the whole brush-out as it is planned and done, uncorrected. */
    public function minutes(): float
    {
        return array_sum(array_map(fn(Section $section): float => $this->sectionMinutes($section) ?? 0.0, Section::cases()));
    }

    /** Minutes left at the table, uncorrected: of a section in hand the lines that are left, or what the clock leaves of it. */
    public function minutesLeft(): float
    {
        $left = 0.0;
        foreach (Section::cases() as $section) {
            $here = $this->state->run->at($section);
            if (! $here->isDone() && ! $here->wantsTheCombAfterItsCut()) {
                $planned = $this->plannedOption($section)->minutes ?? 0.0;
                $part = 1 - min(1.0, count($here->lines) / $this->fromHere->effort->geometry($section)->lines);
                $left += $this->rules->schools->lineCount->countsWhere($this->fromHere->grade($section)?->isMatted() === true)
                    ? $planned * $part
                    : max(0.0, $planned - max(0.0, $this->state->run->secondsAt($section) / 60 - $here->done->minutes));
            }
        }

        return $left;
    }

    /** A time as the salon's day, such as 2026-06-09. */
    public function dayOf(\DateTimeImmutable $time): string
    {
        return $time->setTimezone($this->salon)->format('Y-m-d');
    }

    /** @return array<string, list<HeldWay>> how the bath may go round the places that are left alone, by section id */
    public function heldWays(): array
    {
        $ways = [];
        foreach ($this->held as $section) {
            $ways[$section->value] = HeldPlaces::ways($section, $this->readings->openAt($section), $this->fromHere->grade($section));
        }

        return $ways;
    }

    /** The gate as it stands at a time. */
    public function gate(\DateTimeImmutable $now): BathGate
    {
        return BathGate::of(
            $this->state->run,
            $this->atInspection->grades,
            $this->totals,
            $this->heldWays(),
            $this->state->later(),
            $this->state->findings->lastFoundAt(),
            $this->state->leaving->leftAt,
            $now,
            $this->salon,
            $this->rules->table,
        );
    }

    /** The gate was opened, and still is at a time. After the bath nothing shuts it any more. */
    public function isCleared(\DateTimeImmutable $now): bool
    {
        return $this->gate($now)->isCleared($this->state->bath, $this->state->leaving->leftAt, $now, $this->salon);
    }

    /** @return list<Section> clipped beyond what was allowed on arrival, and once the work has begun beyond what was agreed since */
    public function asks(): array
    {
        $consent = $this->consent();
        $planned = $this->totals->choices;
        if (! $this->state->run->hasBegun()) {
            return Consent::beyond($planned, fn(Section $section): bool => $consent->mayClipUnasked($section));
        }

        return Consent::beyond(
            $planned,
            fn(Section $section, float $mm): bool => $this->state->run->at($section)->isDone() || $consent->mayClip($section, $mm),
        );
    }

    public function consent(): Consent
    {
        return Consent::of($this);
    }

    /**
     * A yes holds for exactly what was shown, at no more than it cost then; once the work has begun also for what takes less than
     * was agreed.
     */
    public function isAgreed(): bool
    {
        $agreement = $this->state->agreement;

        return $this->consent()->holds() && ($this->state->run->hasBegun()
            ? $this->asks() === []
            : $agreement->answer?->what->answer === ClientAnswer::Yes && $agreement->agreed?->choices->equals($this->totals->choices) === true);
    }

    /** The plan that was last shown is the one in force, and a yes to it would hold. */
    public function isShownAsItIs(): bool
    {
        $shown = $this->state->agreement->latest;
        $terms = $shown === null ? null : $this->state->agreement->termsOf($shown->id);

        return $terms !== null && $terms->choices->equals($this->totals->choices) && (new TermsNow($this))->voids($terms) === null;
    }

    /** What the visit costs with so many minutes of opening and thinning mats. */
    public function priceOfMats(float $matMinutes): Price
    {
        return Price::of(
            $this->rules->prices,
            $this->state->dog()->weightKg,
            $matMinutes,
            $this->state->arrival->answers->extras ?? [],
            $this->state->arrival->service(),
        );
    }

    /** What the visit costs with some choices, work that is done included. */
    public function price(Choices $choices): Price
    {
        return $this->priceOfMats($this->matMinutes($choices));
    }

    /** What the visit costs as it is planned: from the table on what was agreed, as long as that holds. */
    public function priceAsPlanned(): Price
    {
        return $this->priceOfMats($this->matMinutesAsPlanned());
    }

    /** Minutes of opening and thinning mats that the price as planned counts. */
    public function matMinutesAsPlanned(): float
    {
        $agreed = $this->state->agreement->agreed;

        return $this->state->run->hasBegun() && $this->isAgreed() && $agreed?->matMinutes !== null
            ? $agreed->matMinutesAt($this->state->dog()->weightKg)
            : $this->matMinutes($this->totals->choices);
    }

    public function stage(\DateTimeImmutable $now): Stage
    {
        return $this->state->stage($this->isAgreed(), $this->isCleared($now));
    }

    /** A mat may be taken in hand here: hands may open or thin it, or it was met where the comb had found none. */
    public function mayTakeInHand(Section $section): bool
    {
        $options = $this->fromHere->options->at($section);
        $isMatted = ! $this->state->run->at($section)->combedOut && $this->fromHere->grade($section)?->isMatted() === true;

        return ! $isMatted || $options?->find(Treatment::demat()) !== null || $options?->find(Treatment::thin()) !== null;
    }

    /** @return list<Section> where a mat was found and neither opened nor cut off */
    public function matsLeft(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $this->fromHere->grade($section)?->isMatted() === true
            && ! $this->state->run->at($section)->combedOut
            && ! $this->state->run->at($section)->isDone()));
    }

    /** Thinning is a way here, as the place was when work on it began. */
    public function mayThin(Section $section): bool
    {
        return $this->withTable->options->at($section)?->find(Treatment::thin()) !== null;
    }

    /** @return list<FindingKind> open at a section, spots and earlier visits' included, each once */
    public function findingsAt(Section $section): array
    {
        $reading = $this->fromHere->case->reading($section);

        return array_values(array_unique([...$reading->findings, ...$reading->spots], SORT_REGULAR));
    }

    /** @return list<FindingKind> open anywhere on the dog, each once */
    public function findings(): array
    {
        return array_values(array_unique(array_merge(...array_map($this->findingsAt(...), Section::cases())), SORT_REGULAR));
    }

    /** @return list<Section> nothing is offered there, and nobody chose to leave it alone */
    public function stuck(): array
    {
        $isLeft = fn(Section $section): bool => $this->totals->choices->for($section)?->kind === TreatmentKind::Leave;

        return array_values(array_filter($this->fromHere->stuck(), fn(Section $section): bool => ! $isLeft($section)));
    }

    /** Minutes of opening and thinning mats under some choices, what is done already included; the price counts them. */
    public function matMinutes(Choices $choices): float
    {
        $minutes = 0.0;
        foreach (Section::cases() as $section) {
            $ledger = $this->state->run->at($section);
            $planned = $choices->for($section);
            $option = $planned === null ? null : $this->withTable->options->at($section)?->find($planned);
            $minutes += $ledger->isDone()
                ? $ledger->work()->matMinutes
                : $ledger->done->matMinutes + max($ledger->spell->matMinutes, $option->matMinutes ?? 0.0);
        }

        return $minutes;
    }

    /** Minutes of opening and thinning mats that are behind us, whatever is planned next. */
    public function finishedMatMinutes(): float
    {
        return array_sum(array_map(fn(Section $section): float => $this->state->run->at($section)->work()->matMinutes, Section::cases()));
    }

    /** The option that a place not done yet is planned to take. */
    private function plannedOption(Section $section): ?Option
    {
        $treatment = $this->totals->choices->for($section);

        return $treatment === null
            ? null
            : ($this->withTable->options->at($section)?->find($treatment) ?? $this->fromHere->options->at($section)?->find($treatment));
    }

    /** The table is about to begin, it keeps the dog too long on its feet, and nobody has said why. */
    public function asksWhyItStandsSoLong(): bool
    {
        return ! $this->state->run->hasBegun() && $this->totals->isComplete() && FeetInVisit::of($this)->asksWhy();
    }

    public function cuts(): Cuts
    {
        return new Cuts($this);
    }

    /** Minutes of drying, uncorrected, of the coat that is left at the dryer. */
    public function dryMinutes(): float
    {
        return $this->fromHere->effort->dryMinutes($this->cuts()->lengthAtTheDryerMm());
    }

    /** Brush and comb for a section. */
    public function toolsAt(Section $section): Tools
    {
        $dog = $this->fromHere->case->dog;

        return Tools::for($dog->coat, $dog->primitive, $dog->lengthMm($section), $section->part(), $this->rules->table->fineCombMm);
    }
}
