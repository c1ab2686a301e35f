<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\TermsNow;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;

/** A visit in the making, mark by mark: what a groomer's hands do, with the seconds they take. */
final class Scene
{
    /** One for all: it remembers what it has looked up. */
    private static ?MarkReader $reader = null;

    /** An id of nobody who works here. */
    public const GONE = '01JZ00000000000000000000NB';

    /** @var list<Mark> */
    public array $marks = [];

    /** Whose hand it is. */
    public string $by = 'Imke';

    public Role $role = Role::Groomer;

    public bool $isTheClient = false;

    public bool $isHereAgain = false;

    private int $count = 0;

    private \DateTimeImmutable $now;

    private ?AtTheGate $here = null;

    public function __construct(public readonly HouseRules $rules = new HouseRules, string $start = '2026-06-09 09:00:00')
    {
        $this->now = new \DateTimeImmutable($start, new \DateTimeZone('UTC'));
    }

    /** Another visit that goes on from the same marks. */
    public function __clone()
    {
        $this->here = $this->here === null ? null : clone $this->here;
    }

    /**
     * A dog that came in and was inspected, clear everywhere but in the named sections.
     *
     * @param array<string, array<string, mixed>> $checks comb results by section id
     * @param array<string, mixed> $dog
     */
    public static function inspected(array $checks = [], array $dog = [], HouseRules $rules = new HouseRules, string $consent = 'any'): self
    {
        $scene = new self($rules);
        $scene->do(
            MarkKind::Arrived,
            [
                'weightKg' => 12,
                'coat' => 'mixed',
                'coatMm' => 40,
                'ageMonths' => 48,
                'temperament' => 'easy',
                'slotMinutes' => 120,
                ...$dog,
            ],
        );
        $scene->do(MarkKind::ArrivalAnswered, ['consent' => $consent]);
        foreach (Section::cases() as $section) {
            $scene->do(MarkKind::CombChecked, $checks[$section->value] ?? ['comb' => 'glides', 'skinLine' => 'clear'], $section->value);
        }

        return $scene;
    }

    /** @return array<string, mixed> a comb result of a grade */
    public static function comb(int $grade, ?float $share = null, ?float $lift = null): array
    {
        return array_filter([
            'comb' => ['glides', 'catches', 'stops', 'stops', 'cannot_enter', 'cannot_enter'][$grade],
            'skinLine' => $grade === 5 ? 'hidden' : ($grade < 2 ? 'clear' : 'patchy'),
            'opens' => [2 => 'fingers', 3 => 'tool'][$grade] ?? null,
            'mattedShare' => $share ?? ($grade === 5 ? 0.8 : null),
            'liftMm' => $lift,
        ], fn(mixed $value): bool => $value !== null);
    }

    /** @param array<string, mixed> $payload */
    public function do(MarkKind $kind, array $payload = [], ?string $section = null, float $afterSeconds = 1): self
    {
        $mark = $this->make($kind, $payload, $section, $afterSeconds);
        $this->marks[] = $mark->what instanceof PlanShown
            ? (new TermsNow($this->report()))->writtenInto($mark->of(PlanShown::class))
            : $mark;

        return $this;
    }

    /** @param array<string, mixed> $payload */
    public function make(MarkKind $kind, array $payload = [], ?string $section = null, float $afterSeconds = 1): Mark
    {
        $this->now = $this->now->modify(sprintf('+%d milliseconds', (int) round($afterSeconds * 1000)));

        return (self::$reader ??= new MarkReader)->read($kind, sprintf('M%04d', ++$this->count), $section, $this->now, $this->by, $payload);
    }

    /** Every section combed through or clipped as planned, each in so many seconds. */
    public function brushOut(float $secondsEach = 60): self
    {
        foreach (Section::cases() as $section) {
            $this->do(MarkKind::SectionTaken, [], $section->value);
            $choice = $this->report()->totals->choices->for($section);
            $choice?->clipMm !== null
                ? $this->do(MarkKind::Clipped, ['mm' => $choice->clipMm], $section->value, $secondsEach)
                : $this->do(MarkKind::TableCombed, self::comb(0), $section->value, $secondsEach);
            if (! $this->run()->at($section)->isDone()) {
                $this->do(MarkKind::TableCombed, self::comb(0), $section->value);
            }
        }

        return $this;
    }

    public function lastId(): string
    {
        return $this->marks[count($this->marks) - 1]->id;
    }

    public function withdraw(string $id): self
    {
        return $this->do(MarkKind::Withdrawn, ['markId' => $id]);
    }

    public function wait(string $time): self
    {
        $this->now = $this->now->modify($time);

        return $this;
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    public function report(): VisitReport
    {
        return $this->here()->report();
    }

    public function run(): TableRun
    {
        return $this->state()->run;
    }

    /** @param array<string, mixed> $payload */
    public function refusal(MarkKind $kind, array $payload = [], ?string $section = null): ?Refusal
    {
        $mark = $this->make($kind, $payload, $section);
        $salon = new OneSalon($this->isHereAgain, self::GONE);

        return $this->here()->refusal($mark, new Recorder($this->by, $this->role, $this->isTheClient, $this->now, $salon));
    }

    public function state(): VisitState
    {
        return $this->here()->state();
    }

    /** The visit so far, gone on with from where it was asked for last. */
    private function here(): AtTheGate
    {
        $this->here ??= AtTheGate::of([], new Known($this->rules));
        array_map($this->here->take(...), array_slice($this->marks, $this->here->fold()->count()));

        return $this->here;
    }
}
