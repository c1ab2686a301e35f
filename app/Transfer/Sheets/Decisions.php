<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

/** What was decided, told and signed, in words: the lines of a record that a complaint turns on. */
final readonly class Decisions
{
    /** @param list<string> $skipped steps that nothing, or not all, was recorded of */
    public function __construct(private Say $say, private array $skipped) {}

    /**
     * @param array<string, mixed> $mark of the record's timeline
     *
     * @return array{what: string, why: string}|null null: nothing was decided by it
     */
    public function of(array $mark): ?array
    {
        $payload = (array) $mark['payload'];
        $section = (string) $mark['section'];
        // An entry of an earlier version may lack what is asked for today.
        $given = fn(string $field): string => is_scalar($payload[$field] ?? null) ? (string) $payload[$field] : '';

        return match ($mark['kind']) {
            'plan_chosen' => $this->line('record.marks.plan', ['aim' => $this->named('plan.aims', $given('aim'))]),
            'treatment_chosen' => $this->otherwise($section, $given('treatment'), $given('because'), $given('reason')),
            'plan_shown' => $this->line('record.marks.put'),
            'answer_given' => $this->answer($given),
            'handed_over' => $this->line('record.marks.wentHome', why: $this->notRecorded($given('skippedBecause'))),
            'run_started' => $this->line(
                'visit.markKinds.run_started',
                why: $this->say->within($this->named('table.scopes', $given('scope'))),
            ),
            'reacted' => $given('signal') === 'snaps'
                ? $this->line('record.marks.snapped', why: $this->say->t('record.marks.noMore'))
                : null,
            'waived' => $this->line(
                'record.marks.letGo',
                ['section' => $this->say->section($section), 'step' => $this->named('table.waivedSteps', $given('step'))],
                "{$given('who')}: {$this->say->quoted($given('reason'))}",
            ),
            'held_place_settled' => [
                'what' => $this->named('table.heldWays', "{$given('way')}.done", ['section' => $this->say->section($section)]),
                'why' => $this->say->t('table.clientTold'),
            ],
            'visit_split' => $this->line('visit.markKinds.visit_split', why: $this->say->sections($this->list($payload['later'] ?? null))),
            'bath_cleared' => $this->line('visit.markKinds.bath_cleared'),
            'aftercare_chosen' => $this->line('record.marks.told', why: $this->aftercare($this->list($payload['items'] ?? null))),
            'next_visit_chosen' => $this->line('record.marks.nextVisit', ['weeks' => (int) $given('weeks')], self::joined([
                $given('suggestedWeeks') === ''
                    ? $this->say->t('record.marks.noneKeeps')
                    : $this->say->t('record.marks.suggested', ['weeks' => $given('suggestedWeeks')]),
                $given('wishedWeeks') === '' ? '' : $this->say->t('record.marks.wished', ['weeks' => $given('wishedWeeks')]),
            ])),
            'feet_planned' => $this->line(
                'visit.markKinds.feet_planned',
                why: $given('reason') === '' ? $this->named('feet.plan.ways', $given('way')) : $this->say->quoted($given('reason')),
            ),
            'turn_decided' => $this->line('visit.markKinds.turn_decided', why: self::joined([
                ($mark['takenBy'] ?? null) === null ? '' : $this->say->t('record.marks.turn', ['groomer' => $mark['takenBy']]),
                $given('next') === '' ? '' : $this->say->t('record.marks.turnNext'),
            ])),
            'promise_given' => $this->line(
                'record.marks.promise',
                ['time' => $given('promisedAt') === '' ? '' : $this->say->time($given('promisedAt'))],
                $this->say->t('record.marks.toldHow', ['how' => $this->named('tell.how', $given('told'))]),
            ),
            'ready_told' => $this->line('visit.markKinds.ready_told', why: $this->named('tell.how', $given('told'))),
            'signed_off' => $this->line('record.marks.signed'),
            'stopped' => $this->line('visit.markKinds.stopped', why: $given('reason')),
            'finding_closed' => $this->line('record.marks.findingClosed', why: $given('note')),
            'photo_deleted' => $this->line('record.marks.erased', why: $given('reason')),
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
        $cause = $this->named('visit.causes', $because);

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
            'what' => trim("{$given('who')} {$this->named('visit.answers', $given('answer'))}"),
            'why' => implode(': ', array_filter(
                [$this->named('record.via', $given('via')), $note],
                fn(string $words): bool => $words !== '',
            )),
        ];
    }

    private function notRecorded(string $because): string
    {
        $steps = self::joined(array_map(fn(string $step): string => $this->named('table.skipped', $step), $this->skipped));

        return $because === '' ? '' : $this->say->t('record.marks.notRecorded', [
            'steps' => $steps === '' ? '' : "{$this->say->start($steps)}: ",
            'reason' => $because,
        ]);
    }

    /** @param list<string> $items */
    private function aftercare(array $items): string
    {
        $say = fn(string $item): string => $this->say->within($this->named('table.aftercare', "{$item}.say"));
        $said = self::joined(array_map($say, $items));

        return $said === '' ? $this->say->t('record.marks.nothingToWatch') : $said;
    }

    /**
     * A sentence of a group; what an earlier version called otherwise is left out.
     *
     * @param array<string, string|int> $named
     */
    private function named(string $group, string $name, array $named = []): string
    {
        return $name !== '' && $this->say->words->has("{$group}.{$name}") ? $this->say->t("{$group}.{$name}", $named) : '';
    }

    /** @return list<string> a list as it was sent; an earlier version let some in under names */
    private function list(mixed $value): array
    {
        return array_values(array_filter((array) $value, is_string(...)));
    }

    /** @param list<string> $parts */
    private static function joined(array $parts): string
    {
        return implode(', ', array_filter($parts, fn(string $part): bool => $part !== ''));
    }
}
