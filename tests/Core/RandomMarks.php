<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Marks in an order that no sane person would make them in: seeded, readable each by itself, mostly about a few sections. */
final class RandomMarks
{
    /** One for all: it remembers what it has looked up. */
    private static ?MarkReader $reader = null;

    /** The arrival and the inspection are not taken back: without them nothing else could be made. */
    private const FIRST = 20;

    private readonly Randomizer $random;

    private \DateTimeImmutable $now;

    /** @var list<array{string, string}> id and kind of what was made so far */
    private array $made = [];

    /** @param (\Closure(): string)|null $ids ULIDs, where they go over the wire */
    public function __construct(int $seed, private readonly ?\Closure $ids = null)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->now = new \DateTimeImmutable('2026-06-09 09:00:00', new \DateTimeZone('UTC'));
    }

    public function one(array $among): mixed
    {
        return $among[$this->random->getInt(0, count($among) - 1)];
    }

    /** @return Mark<Payload> the dog comes in */
    public function arrival(): Mark
    {
        return $this->mark(MarkKind::Arrived, [
            'weightKg' => $this->random->getInt(3, 40), 'coat' => $this->one(['mixed', 'curly', 'silky', 'double', 'wire']), 'coatMm' => $this->random->getInt(10, 90),
            'ageMonths' => $this->random->getInt(4, 160), 'temperament' => $this->one(['easy', 'anxious', 'mouthy']), 'slotMinutes' => $this->one([20, 90, 150]),
        ]);
    }

    /** @return list<Mark<Payload>> every section combed, some of them matted */
    public function inspection(): array
    {
        return array_map(
            fn(Section $section): Mark => $this->mark(
                MarkKind::CombChecked,
                Scene::comb($this->one([0, 0, 0, 0, 1, 2, 3, 4])),
                $section->value,
            ),
            Section::cases(),
        );
    }

    /** @return Mark<Payload> */
    public function next(): Mark
    {
        if ($this->random->getInt(0, 99) === 0) {
            return $this->mark(MarkKind::HandedOver, ['skippedBecause' => 'x']);
        }
        $section = $this->one(array_slice(Section::cases(), 0, 12))->value;
        $this->now = $this->now->modify('+'.$this->one([1, 5, 40, 200, 400]).' seconds');
        [$kind, $payload] = $this->one([
            [MarkKind::SectionTaken, []], [
                MarkKind::LineDone,
                ['line' => $this->random->getInt(1, 4)],
            ], [MarkKind::LineDone, ['line' => 1]], [MarkKind::TableCombed, $this->comb()],
            [MarkKind::TableCombed, Scene::comb(0)], [
                MarkKind::Clipped,
                ['mm' => $this->one([1.5, 3.2, 9.5, 13])],
            ], [MarkKind::MatTaken, []], [MarkKind::MatTaken, []],
            [
                MarkKind::MatWorked,
                ['outcome' => $this->one(['opened', 'thinned', 'clipped']), 'closes' => $this->random->getInt(0, 3)],
            ], [MarkKind::MatWorked, ['outcome' => 'opened']],
            [MarkKind::MatParked, []], [
                MarkKind::Reacted,
                ['signal' => $this->one(['looks', 'tucks', 'cries', 'mouths', 'looks', 'looks', 'snaps'])],
            ],
            [
                MarkKind::FindingNoted,
                ['kind' => $this->one(['redness', 'open_skin', 'swelling', 'hot_spot', 'growth', 'pain', 'moist', 'fleas', 'mites_or_lice', 'maggots'])],
            ], [MarkKind::Paused, []], [MarkKind::Resumed, []],
            [MarkKind::KnotFelt, []], [MarkKind::CombChecked, $this->comb()], [
                MarkKind::BladeTried,
                ['mm' => $this->one([1.5, 3.2, 9.5]), 'result' => $this->one(['passes', 'partly', 'stops'])],
            ],
            [
                MarkKind::TreatmentChosen,
                ['treatment' => $this->one(['demat', 'thin', 'brush', 'clip:9.5', 'leave'])],
            ], [MarkKind::TreatmentFreed, []], [MarkKind::Waived, ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'x']],
            [MarkKind::BathCleared, []], [
                MarkKind::BathStepped,
                ['step' => $this->one(BathStep::cases())->value],
            ], [MarkKind::Dried, ['area' => $this->one(DryArea::cases())->value]], [MarkKind::DryStarted, ['method' => 'dryer']],
            [MarkKind::SecondCombed, $this->comb()], [
                MarkKind::ArrivalAnswered,
                $this->one([
                    ['consent' => 'any'],
                    ['consent' => 'ask'],
                    ['weightKg' => $this->random->getInt(3, 40)],
                    ['slotMinutes' => 40],
                    ['temperament' => 'easy'],
                ]),
            ],
            [MarkKind::AftercareChosen, ['items' => []]], [MarkKind::SignedOff, []], [MarkKind::NoteWritten, ['text' => 'x']], [
                MarkKind::RakePassed,
                ['rake' => 'wide', 'handfuls' => 2],
            ],
            [
                MarkKind::Withdrawn,
                ['markId' => $this->one(array_slice($this->made, self::FIRST))[0]],
            ], [MarkKind::FindingMinded, []], [MarkKind::FindingClosed, ['findingId' => $this->one($this->made)[0]]],
        ]);
        $place = match ($kind->declared()->place) {
            Place::Section => $section,
            Place::Visit => null,
            Place::Either => $this->one([$section, null]),
        };

        return $this->mark($kind, $payload, $place);
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    /** @return array<string, mixed> */
    private function comb(): array
    {
        return $this->one([
            Scene::comb(1),
            Scene::comb(2, 0.1),
            Scene::comb(3, 0.3, 9.5),
            Scene::comb(4, 0.4),
            Scene::comb(5, 0.8, 3.5),
            ['comb' => 'stops'],
            Scene::comb(0),
            Scene::comb(0),
            $this->random->getInt(0, 5) === 0 ? ['comb' => 'glides'] : Scene::comb(0),
        ]);
    }

    /** @param array<string, mixed> $payload */
    private function mark(MarkKind $kind, array $payload, ?string $section = null): Mark
    {
        $this->now = $this->now->modify('+1 second');
        // Now and then one that was made earlier arrives only now.
        $at = $this->made !== [] && $this->random->getInt(0, 9) === 0
            ? $this->now->modify('-'.$this->random->getInt(10, 900).' seconds')
            : $this->now;
        $id = $this->ids === null ? sprintf('R%04d', count($this->made) + 1) : ($this->ids)();
        $this->made[] = [$id, $kind->value];

        return (self::$reader ??= new MarkReader)->read($kind, $id, $section, $at, 'Imke', $payload);
    }
}
