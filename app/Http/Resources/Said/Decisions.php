<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Models\StoredMark;
use App\Words\Say;
use HoundCheck\Core\Marks\MarkKind;

/** What was decided, told and signed, in words: the lines of a record that a complaint turns on. */
final readonly class Decisions
{
    /** @param list<string> $skipped steps that nothing, or not all, was recorded of */
    public function __construct(private Say $say, private array $skipped) {}

    /**
     * @param string|null $takenBy the name of whom it names: who takes the dog
     *
     * @return array{what: string, why: string}|null null: nothing was decided by it
     */
    public function of(StoredMark $mark, ?string $takenBy = null): ?array
    {
        $section = (string) $mark->section;
        $entry = new Entered($this->say, $mark->payload);
        $given = $entry->text(...);

        return match ($mark->kind) {
            MarkKind::PlanChosen => $this->line('record.marks.plan', ['aim' => $this->say->named('plan.aims', $given('aim'))]),
            MarkKind::TreatmentChosen => $this->otherwise($section, $given('treatment'), $given('because'), $given('reason')),
            MarkKind::PlanShown => $this->line('record.marks.put'),
            MarkKind::AnswerGiven => $this->answer($given),
            MarkKind::HandedOver => $this->line('record.marks.wentHome', why: $this->notRecorded($given('skippedBecause'))),
            MarkKind::RunStarted => $this->line(
                'visit.markKinds.run_started',
                why: $this->say->within($this->say->named('table.scopes', $given('scope'))),
            ),
            MarkKind::Reacted => $given('signal') === 'snaps'
                ? $this->line('record.marks.snapped', why: $this->say->t('record.marks.noMore'))
                : null,
            MarkKind::Waived => $this->line(
                'record.marks.letGo',
                ['section' => $this->say->section($section), 'step' => $this->say->named('table.waivedSteps', $given('step'))],
                "{$given('who')}: {$this->say->quoted($given('reason'))}",
            ),
            MarkKind::HeldPlaceSettled => [
                'what' => $this->held($given('way'), $section),
                'why' => $this->say->t('table.clientTold'),
            ],
            MarkKind::VisitSplit => $this->line('visit.markKinds.visit_split', why: $this->say->sections($entry->names('later'))),
            MarkKind::BathCleared => $this->line('visit.markKinds.bath_cleared'),
            MarkKind::AftercareChosen => $this->line('record.marks.told', why: $this->aftercare($entry->names('items'))),
            MarkKind::NextVisitChosen => $this->line('record.marks.nextVisit', ['weeks' => (int) $given('weeks')], self::joined([
                $given('suggestedWeeks') === ''
                    ? $this->say->t('record.marks.noneKeeps')
                    : $this->say->t('record.marks.suggested', ['weeks' => $given('suggestedWeeks')]),
                $given('wishedWeeks') === '' ? '' : $this->say->t('record.marks.wished', ['weeks' => $given('wishedWeeks')]),
            ])),
            MarkKind::FeetPlanned => $this->line(
                'visit.markKinds.feet_planned',
                why: $given('reason') === '' ? $this->say->named('feet.plan.ways', $given('way')) : $this->say->quoted($given('reason')),
            ),
            MarkKind::TurnDecided => $this->line('visit.markKinds.turn_decided', why: self::joined([
                $takenBy === null ? '' : $this->say->t('record.marks.turn', ['groomer' => $takenBy]),
                $given('next') === '' ? '' : $this->say->t('record.marks.turnNext'),
            ])),
            MarkKind::PromiseGiven => $this->line(
                'record.marks.promise',
                ['time' => $given('promisedAt') === '' ? '' : $this->say->time($given('promisedAt'))],
                $this->say->t('record.marks.toldHow', ['how' => $this->say->named('tell.how', $given('told'))]),
            ),
            MarkKind::ReadyTold => $this->line('visit.markKinds.ready_told', why: $this->say->named('tell.how', $given('told'))),
            MarkKind::SignedOff => $this->line('record.marks.signed'),
            MarkKind::Stopped => $this->line('visit.markKinds.stopped', why: $given('reason')),
            MarkKind::FindingClosed => $this->line('record.marks.findingClosed', why: $given('note')),
            MarkKind::PhotoDeleted => $this->line('record.marks.erased', why: $given('reason')),
            default => null,
        };
    }

    /**
     * @param array<string, string|int> $named
     *
     * @return array{what: string, why: string}
     */
    private function line(string $key, array $named = [], string $why = ''): array
    {
        return ['what' => $this->say->t($key, $named), 'why' => $why];
    }

    /** @return array{what: string, why: string}|null */
    private function otherwise(string $section, string $treatment, string $because, string $reason): ?array
    {
        $cause = $this->say->named('visit.causes', $because);

        return $cause === '' && $reason === '' ? null : $this->line(
            'record.marks.otherwise',
            ['section' => $this->say->section($section), 'done' => $this->say->done($treatment)],
            implode(': ', array_filter([$cause, $reason], fn(string $words): bool => $words !== '')),
        );
    }

    /**
     * @param \Closure(string): string $given
     *
     * @return array{what: string, why: string}
     */
    private function answer(\Closure $given): array
    {
        $note = $given('note') === '' ? '' : $this->say->quoted($given('note'));

        return [
            'what' => trim("{$given('who')} {$this->say->named('visit.answers', $given('answer'))}"),
            'why' => implode(': ', array_filter(
                [$this->say->named('record.via', $given('via')), $note],
                fn(string $words): bool => $words !== '',
            )),
        ];
    }

    private function held(string $way, string $section): string
    {
        return $this->say->named('table.heldWays', $way, '.done') === ''
            ? ''
            : $this->say->t("table.heldWays.{$way}.done", ['section' => $this->say->section($section)]);
    }

    private function notRecorded(string $because): string
    {
        $steps = self::joined(array_map(fn(string $step): string => $this->say->named('table.skipped', $step), $this->skipped));

        return $because === '' ? '' : $this->say->t('record.marks.notRecorded', [
            'steps' => $steps === '' ? '' : "{$this->say->start($steps)}: ",
            'reason' => $because,
        ]);
    }

    /** @param list<string> $items */
    private function aftercare(array $items): string
    {
        $say = fn(string $item): string => $this->say->within($this->say->named('table.aftercare', "{$item}.say"));
        $said = self::joined(array_map($say, $items));

        return $said === '' ? $this->say->t('record.marks.nothingToWatch') : $said;
    }

    /** @param list<string> $parts */
    private static function joined(array $parts): string
    {
        return implode(', ', array_filter($parts, fn(string $part): bool => $part !== ''));
    }
}
