<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** Whose turn it is, what is promised, who was told: decided while the dog is here. */
final class TurnTest extends TestCase
{
    private const ROSALIND = '01JZ0000000000000000000R0S';

    public function test_a_dog_is_next_until_a_hand_is_on_it_whoever_was_said_to_take_it(): void
    {
        $scene = Scene::inspected();
        self::assertSame('Imke', $scene->state()->hands->of);
        $scene->do(MarkKind::TurnDecided, ['groomer' => self::ROSALIND, 'next' => true]);
        self::assertSame(self::ROSALIND, $scene->state()->hands->of);
        self::assertTrue($this->facts($scene)->isNext);

        $scene->do(MarkKind::NoteWritten, ['text' => 'waits in the blue crate']);
        self::assertTrue($this->facts($scene)->isNext, 'a note is no hand');
        $scene->by = 'Teo';
        $scene->do(MarkKind::CombChecked, ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $hands = $scene->state()->hands;
        self::assertSame(['Teo', null, false], [$hands->of, $hands->arranged->turn, $this->facts($scene)->isNext]);
    }

    public function test_undone_it_is_whose_it_was(): void
    {
        $scene = Scene::inspected();
        $scene->do(MarkKind::TurnDecided, ['groomer' => self::ROSALIND]);
        $scene->do(MarkKind::Withdrawn, ['markId' => $scene->marks[count($scene->marks) - 1]->id]);

        self::assertSame(['Imke', null], [$scene->state()->hands->of, $scene->state()->hands->arranged->turn]);
    }

    public function test_nobody_gives_a_dog_to_somebody_who_is_not_there(): void
    {
        $scene = Scene::inspected();
        self::assertSame(Refusal::NobodyOfThatName, $scene->refusal(MarkKind::TurnDecided, ['groomer' => Scene::GONE]));
        self::assertNull($scene->refusal(MarkKind::TurnDecided, ['groomer' => self::ROSALIND]));
        self::assertNull($scene->refusal(MarkKind::TurnDecided, ['next' => true]));
        $scene->role = Role::Apprentice;
        self::assertSame(Refusal::NeedsAGroomer, $scene->refusal(MarkKind::TurnDecided, ['next' => true]));
    }

    public function test_a_promise_lies_ahead_and_within_reach_and_the_latest_counts(): void
    {
        $scene = Scene::inspected();
        $given = fn(string $at): array => ['promisedAt' => $at, 'told' => 'phone'];
        self::assertSame(Refusal::PromiseIsOver, $scene->refusal(MarkKind::PromiseGiven, $given('2026-06-09T08:59:00Z')));
        self::assertSame(Refusal::PromiseIsFar, $scene->refusal(MarkKind::PromiseGiven, $given('2026-06-11T09:00:00Z')));
        self::assertNull($scene->refusal(MarkKind::PromiseGiven, $given('2026-06-09T13:00:00+02:00')));

        $scene->do(MarkKind::PromiseGiven, $given('2026-06-09T13:00:00+02:00'));
        $scene->do(MarkKind::PromiseGiven, $given('2026-06-09T12:15:00Z'));
        self::assertSame('2026-06-09T12:15:00+00:00', $scene->state()->hands->arranged->promise?->what->promisedAt->format(\DATE_ATOM));
        $scene->do(MarkKind::Withdrawn, ['markId' => $scene->marks[count($scene->marks) - 1]->id]);
        $promise = $scene->state()->hands->arranged->promise?->what;
        self::assertSame('2026-06-09T11:00:00+00:00', $promise?->promisedAt->format(\DATE_ATOM), 'the one before it');
        self::assertSame('2026-06-09T11:00:00Z', $scene->state()->hands->arranged->promise->fields['promisedAt'], 'kept in UTC');
    }

    public function test_nobody_is_told_that_a_dog_is_ready_before_it_is_signed_off(): void
    {
        self::assertSame(Refusal::NotSignedYet, Scene::inspected()->refusal(MarkKind::ReadyTold, ['told' => 'phone']));
    }

    private function facts(Scene $scene): DayFacts
    {
        return DayFacts::of($scene->report(), new \DateTimeImmutable('2026-06-09 10:00:00'));
    }
}
