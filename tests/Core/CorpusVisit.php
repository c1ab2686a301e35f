<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Marks\Words\FinishItem;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;

/**
 * A visit as text: a title, what the hands did, line by line, a line of dashes, and what stands then.
 *
 * A line begins with a word of the table below; `+90` waits so many seconds before it, `#name` gives the mark a name for
 * `undo`, `answer` and `close`. `? line` asks whether the mark would be taken and records nothing.
 */
final class CorpusVisit
{
    /** Words for marks at one section, with the names of what follows. */
    private const AT_SECTION = [
        'take' => [MarkKind::SectionTaken],
        'line' => [MarkKind::LineDone, 'line'],
        'mist' => [MarkKind::Misted],
        'mat' => [MarkKind::MatTaken],
        'worked' => [MarkKind::MatWorked, 'outcome', 'closes'],
        'park' => [MarkKind::MatParked],
        'clip' => [MarkKind::Clipped, 'mm'],
        'blade' => [MarkKind::BladeTried, 'mm', 'result'],
        'finding' => [MarkKind::FindingNoted, 'kind'],
        'minded' => [MarkKind::FindingMinded],
        'fix' => [MarkKind::TreatmentChosen, 'treatment', 'reason'],
        'free' => [MarkKind::TreatmentFreed],
        'rake' => [MarkKind::RakePassed, 'rake', 'handfuls'],
        'judge' => [MarkKind::GradeJudged, 'grade', 'instead', 'reason'],
    ];

    private const ELSEWHERE = [
        'pause' => [MarkKind::Paused],
        'resume' => [MarkKind::Resumed],
        'rest' => [MarkKind::RestBegan],
        'posture' => [MarkKind::PostureTaken, 'posture'],
        'begin' => [MarkKind::RunStarted, 'scope'],
        'clear' => [MarkKind::BathCleared],
        'bath' => [MarkKind::BathStepped, 'step'],
        'dryer' => [MarkKind::DryStarted, 'method'],
        'dry' => [MarkKind::Dried, 'area'],
        'tick' => [MarkKind::FinishTicked, 'item'],
        'sign' => [MarkKind::SignedOff],
        'home' => [MarkKind::HandedOver, 'skippedBecause'],
        'stop' => [MarkKind::Stopped, 'reason'],
        'note' => [MarkKind::NoteWritten, 'text'],
    ];

    private Scene $scene;

    /** @var array<string, string> mark id by the name that was given to it */
    private array $names = [];

    /** @var list<string> what was asked with `?`, and the answer */
    private array $asked = [];

    private function __construct()
    {
        $this->scene = new Scene;
    }

    public static function play(string $text): self
    {
        $visit = new self;
        foreach (explode("\n", $text) as $line) {
            if (trim($line) !== '' && ! str_starts_with($line, '//')) {
                $visit->line(trim($line));
            }
        }

        return $visit;
    }

    public function scene(): Scene
    {
        return $this->scene;
    }

    /** @return list<string> what stands, one figure a line, and what was asked on the way */
    public function report(): array
    {
        return [...CorpusFigures::of($this->scene->report(), $this->scene->now()), ...$this->asked];
    }

    private function line(string $line): void
    {
        $asks = str_starts_with($line, '? ');
        preg_match('/ #(\S+)$/', $line, $name);
        $words = array_values(array_filter(
            explode(' ', (string) preg_replace('/ #(\S+)$/', '', $asks ? substr($line, 2) : $line)),
            fn(string $word): bool => $word !== '',
        ));
        $after = 1.0;
        foreach ($words as $index => $word) {
            if (preg_match('/^\+(\d+)$/', $word, $seconds) === 1) {
                $after = (float) $seconds[1];
                unset($words[$index]);
            }
        }
        $words = array_values($words);
        if ($asks) {
            [$kind, $payload, $section] = $this->mark($words);
            $this->asked[] = "{$line}: ".($this->scene->refusal($kind, $payload, $section)->value ?? 'taken');

            return;
        }
        $this->act($words, $after);
        if ($name !== []) {
            $this->names[$name[1]] = $this->scene->lastId();
        }
    }

    /** @param list<string> $words */
    private function act(array $words, float $after): void
    {
        $rest = array_slice($words, 1);
        match ($words[0]) {
            'by' => $this->sits($rest[0], Role::from($rest[1] ?? 'groomer')),
            'wait' => $this->scene->wait('+'.implode(' ', $rest)),
            'link' => $this->scene->isTheClient = $rest[0] === 'on',
            'inspect' => array_map(
                fn(Section $section) => $this->scene->do(
                    MarkKind::CombChecked,
                    $this->comb(self::pairs($rest)[$section->value] ?? '0'),
                    $section->value,
                ),
                Section::cases(),
            ),
            'lines' => array_map(
                fn(int $line) => $this->scene->do(MarkKind::LineDone, ['line' => $line], $rest[0], $after),
                range(1, (int) $rest[1]),
            ),
            'choose' => $this->choose($rest[0]),
            'brushout' => $this->scene->brushOut((float) ($rest[0] ?? 60)),
            'bathed' => array_map(
                fn(BathStep $step) => $this->scene->do(MarkKind::BathStepped, ['step' => $step->value], null, $after),
                BathStep::cases(),
            ),
            'dried' => array_map(
                fn(DryArea $area) => $this->scene->do(MarkKind::Dried, ['area' => $area->value], null, $after),
                DryArea::cases(),
            ),
            'combed' => array_map(
                fn(Section $section) => $this->scene->do(MarkKind::SecondCombed, $this->comb('0'), $section->value),
                Section::cases(),
            ),
            'ticked' => array_map(
                fn(FinishItem $item) => $this->scene->do(MarkKind::FinishTicked, ['item' => $item->value]),
                FinishItem::cases(),
            ),
            default => $this->scene->do(...[...$this->mark($words), $after]),
        };
    }

    private function sits(string $name, Role $role): void
    {
        [$this->scene->by, $this->scene->role] = [$name, $role];
    }

    private function choose(string $aim): void
    {
        $visit = $this->scene->report();
        $frontier = (new FrontierSolver($visit->fromHere, $visit->wishes()))->feasible();
        $plan = match ($aim) {
            'easiest' => $frontier->easiest(),
            'keep_coat' => $frontier->keepsMost(),
            default => $frontier->balanced(),
        };
        $this->scene->do(MarkKind::PlanChosen, ['aim' => $aim, 'choices' => $plan?->choices->codes()]);
    }

    /**
     * @param list<string> $words
     *
     * @return array{MarkKind, array<string, mixed>, string|null}
     */
    private function mark(array $words): array
    {
        [$word, $rest] = [$words[0], array_slice($words, 1)];

        return match (true) {
            isset(self::AT_SECTION[$word]) => [
                self::AT_SECTION[$word][0],
                self::payload(array_slice(self::AT_SECTION[$word], 1), array_slice($rest, 1)),
                $rest[0],
            ],
            isset(self::ELSEWHERE[$word]) => [
                self::ELSEWHERE[$word][0],
                self::payload(array_slice(self::ELSEWHERE[$word], 1), $rest),
                null,
            ],
            $word === 'dog' => [
                MarkKind::Arrived,
                [
                    'weightKg' => 12,
                    'coat' => 'mixed',
                    'coatMm' => 40,
                    'ageMonths' => 48,
                    'temperament' => 'easy',
                    'slotMinutes' => 120,
                    ...self::pairs($rest),
                ],
                null,
            ],
            $word === 'spot' => [MarkKind::FindingNoted, ['kind' => $rest[1], 'spot' => true], $rest[0]],
            $word === 'says' => [MarkKind::ArrivalAnswered, self::pairs($rest), null],
            $word === 'check' => [MarkKind::CombChecked, $this->comb($rest[1]), $rest[0]],
            $word === 'comb' => [MarkKind::TableCombed, $this->comb($rest[1]), $rest[0]],
            $word === 'second' => [MarkKind::SecondCombed, $this->comb($rest[1]), $rest[0]],
            $word === 'react' => [MarkKind::Reacted, ['signal' => $rest[0]], $rest[1] ?? null],
            $word === 'show' => [MarkKind::PlanShown, ['choices' => $this->scene->report()->totals->choices->codes()], null],
            $word === 'answer' => [
                MarkKind::AnswerGiven,
                ['planId' => $this->names[$rest[0]], 'answer' => $rest[1], 'via' => $rest[2] ?? 'here', 'who' => 'Hester'],
                null,
            ],
            $word === 'undo' => [MarkKind::Withdrawn, ['markId' => $this->names[$rest[0]]], null],
            $word === 'close' => [MarkKind::FindingClosed, ['findingId' => $this->names[$rest[0]]], null],
            $word === 'waive' => [
                MarkKind::Waived,
                ['step' => $rest[1] ?? 'before_bath', 'who' => 'Imke', 'reason' => 'A burr.'],
                $rest[0],
            ],
            $word === 'aftercare' => [MarkKind::AftercareChosen, ['items' => $rest], null],
            default => throw new \LogicException("No such word: {$word}"),
        };
    }

    /** @return array<string, mixed> from grade/share/lift, or one of the words for what is no grade */
    private function comb(string $shorthand): array
    {
        $words = ['over' => ['comb' => 'glides', 'skinLine' => 'patchy'], 'stops' => ['comb' => 'stops'], 'half' => ['comb' => 'glides']];
        [$grade, $share, $lift] = [...explode('/', $shorthand), null, null];

        return $words[$shorthand] ?? Scene::comb(
            (int) $grade,
            $share === null ? null : (float) $share,
            $lift === null ? null : (float) $lift,
        );
    }

    /**
     * @param list<string> $fields
     * @param list<string> $words the last field takes all that are left
     *
     * @return array<string, mixed>
     */
    private static function payload(array $fields, array $words): array
    {
        $payload = [];
        foreach ($fields as $index => $field) {
            $last = $index === count($fields) - 1;
            $text = $last ? implode(' ', array_slice($words, $index)) : ($words[$index] ?? '');
            if ($text !== '') {
                $payload[$field] = self::value($text);
            }
        }

        return $payload;
    }

    /**
     * @param list<string> $words name=value
     *
     * @return array<string, mixed>
     */
    private static function pairs(array $words): array
    {
        $pairs = [];
        foreach ($words as $word) {
            [$name, $value] = explode('=', $word, 2);
            $pairs[$name] = in_array($name, ['health', 'extras', 'gear'], true)
                ? array_filter(explode(',', $value))
                : (Section::tryFrom($name) !== null ? $value : self::value($value));
        }

        return $pairs;
    }

    private static function value(string $text): mixed
    {
        return match (true) {
            $text === 'true' => true,
            is_numeric($text) => $text + 0,
            default => $text,
        };
    }
}
