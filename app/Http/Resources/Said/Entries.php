<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Models\StoredMark;
use App\Words\Say;
use HoundCheck\Core\Marks\MarkKind;

/** What a hand entered, in words, with the place it is about: the lines of the record's story. */
final readonly class Entries
{
    /** An entry that came so many minutes after the hand, or later, is said to have come late. */
    private const LATE_MINUTES = 6;

    private ArrivalSaid $arrival;

    public function __construct(private Say $say)
    {
        $this->arrival = new ArrivalSaid($say);
    }

    /**
     * @param array{what: string, why: string}|null $decision what was decided by it
     *
     * @return array{what: string, why: string} the kind of entry, and all that is said of it
     */
    public function of(StoredMark $mark, ?array $decision): array
    {
        return [
            'what' => $this->say->t("visit.markKinds.{$mark->kind->value}"),
            'why' => implode(' · ', array_filter([$this->detail($mark, $decision), $this->clock($mark)], self::isSaid(...))),
        ];
    }

    /** @param array{what: string, why: string}|null $decision */
    private function detail(StoredMark $mark, ?array $decision): string
    {
        $entry = new Entered($this->say, $mark->payload);
        $place = $mark->section === null ? '' : $this->say->section($mark->section);
        $at = fn(string $words): string => implode(': ', array_filter([$place, $words], self::isSaid(...)));
        $before = ['place' => $place === '' ? '' : "{$place}: "];

        return match ($mark->kind) {
            MarkKind::CombChecked, MarkKind::TableCombed, MarkKind::SecondCombed => $at($this->check($entry)),
            MarkKind::LineDone => $this->say->t('record.marks.line', [...$before, 'line' => (int) $entry->figure('line')]),
            MarkKind::Clipped => $this->say->t('record.marks.to', [...$before, 'length' => $this->say->mm($entry->figure('mm'))]),
            MarkKind::Reacted => $at($entry->named('table.signalSays', 'signal')),
            MarkKind::MatWorked => $at($entry->small('table.matOutcomes', 'outcome').($entry->figure('closes') > 0
                ? $this->say->t('record.marks.closes', ['closes' => (int) $entry->figure('closes')])
                : '')),
            MarkKind::MatParked => $at($this->listed($entry->named('visit.causes', 'because'), $entry->text('note'))),
            MarkKind::RakePassed => $this->say->t('record.marks.raked', [
                ...$before,
                'rake' => $entry->named('table.rakes', 'rake'),
                'handfuls' => $this->say->figure($entry->figure('handfuls')),
            ]),
            MarkKind::BathStepped => $entry->named('table.bathStepDone', 'step')
                .($entry->text('product') === '' ? '' : ': '.$entry->small('table.products', 'product'))
                .($entry->figure('contactMinutes') > 0
                    ? ', '.$this->say->t('table.contact.on', ['minutes' => (int) $entry->figure('contactMinutes')])
                    : ''),
            MarkKind::MatsOpened => $at($entry->named('table.openedWith.said', 'with')),
            MarkKind::PostureTaken => $entry->named('feet.postures', 'posture'),
            MarkKind::DryStarted => $entry->named('table.dryMethods', 'method'),
            MarkKind::Dried => $entry->named('table.areas', 'area'),
            MarkKind::FinishTicked => $entry->named('table.finishItems', 'item'),
            MarkKind::SectionTaken, MarkKind::Misted, MarkKind::MatTaken => $place,
            MarkKind::GradeJudged => $this->grade($entry, $before),
            MarkKind::PhotoTaken => $at($entry->named('device.moments', 'moment')),
            MarkKind::TreatmentChosen => $at(implode(': ', array_filter([
                $entry->text('treatment') === '' ? '' : $this->say->within($this->say->treatment($entry->text('treatment'))),
                $entry->named('visit.causes', 'because'),
                $entry->text('reason'),
            ], self::isSaid(...)))),
            MarkKind::TreatmentFreed => $at($this->say->t('record.marks.planDecides')),
            MarkKind::PlanChosen => $entry->named('plan.aims', 'aim'),
            MarkKind::EvenWanted => $this->listed(...$entry->each('coat.evenGroups', 'groups')) ?: $this->say->t('record.none'),
            MarkKind::BladeTried => $this->say->t('record.marks.blade', [
                ...$before,
                'length' => $this->say->mm($entry->figure('mm')),
                'result' => $entry->small('plan.bladeResults', 'result'),
            ]),
            MarkKind::FindingNoted => $at($this->listed($entry->small('skin.findings', 'kind'), $entry->text('note'))),
            MarkKind::NoteWritten => $at($this->note($entry)),
            MarkKind::ArrivalAnswered => $this->arrival->of($mark->payload),
            MarkKind::LateCounted => $entry->text('reason'),
            MarkKind::AnswerGiven => $this->listed($decision['what'] ?? '', $decision['why'] ?? ''),
            MarkKind::HeldPlaceSettled => $decision['what'] ?? '',
            default => $decision['why'] ?? '',
        };
    }

    /** What hands and comb found, in one line. */
    private function check(Entered $entry): string
    {
        return $this->listed(
            $entry->small('coat.comb', 'comb'),
            $entry->small('coat.skinLine', 'skinLine'),
            $entry->text('fine') === 'not_used' ? '' : $entry->small('coat.fine', 'fine'),
            $entry->small('coat.opens', 'opens'),
            $entry->has('mattedShare') ? $this->say->share($entry->figure('mattedShare')) : '',
            $entry->has('liftMm') ? $this->say->t('coat.fromTheSkin', ['length' => $this->say->mm($entry->figure('liftMm'))]) : '',
        );
    }

    /** What Stop now entered, and what somebody wrote. */
    private function note(Entered $entry): string
    {
        $sign = $entry->named('skin.stopNow.signs', 'sign', '.say');
        $stop = $entry->has('sign') ? $this->say->t('skin.stopNow.note', ['sign' => $sign]) : '';

        return implode(' ', array_filter([$stop, $entry->text('text')], self::isSaid(...)));
    }

    /** @param array{place: string} $before */
    private function grade(Entered $entry, array $before): string
    {
        return $entry->has('rule') ? $this->say->t('record.marks.rulesGrade', $before) : $this->say->t('record.marks.ownGrade', [
            ...$before,
            'grade' => $this->say->grade((int) $entry->figure('grade')),
            'instead' => $this->say->grade((int) $entry->figure('instead')),
            'reason' => $entry->text('reason'),
        ]);
    }

    /** Where the device's clock was off, or the entry came long after the hand: the record says so. */
    private function clock(StoredMark $mark): string
    {
        $late = (int) round(($mark->received_at->getTimestampMs() - $mark->at->getTimestampMs()) / 60_000);
        $device = $mark->device_at?->toISOString();
        $told = $device === null ? '' : "{$this->say->shortDay($device)} {$this->say->time($device)}";

        return $this->listed(
            $told === '' ? '' : $this->say->t('record.clock.deviceSaid', ['time' => $told]),
            $late < self::LATE_MINUTES ? '' : $this->say->t('record.clock.late', ['minutes' => $this->say->minutes($late)]),
        );
    }

    private function listed(string ...$words): string
    {
        return implode(', ', array_filter($words, self::isSaid(...)));
    }

    private static function isSaid(string $words): bool
    {
        return $words !== '';
    }
}
