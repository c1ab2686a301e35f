<?php

declare(strict_types=1);

namespace HoundCheck\Core\Inspection;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Marks\Answers;
use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/**
 * Answers to one place by devices that did not see one another: the worse grade and the smaller lift stand, and one touch by somebody
 * who has seen both decides.
 */
final readonly class Weighing
{
    /** @param array<string, array<string, Answers<Payload>>> $answers by what was asked, and section id */
    public function __construct(private array $answers = []) {}

    /**
     * @param Mark<Payload> $mark
     * @param int $number in the visit, from 1
     */
    public function after(Mark $mark, int $number): self
    {
        $id = (string) $mark->section?->value;
        $asked = Asks::by($mark->what);
        $combed = $this->answers[Asks::Comb->value][$id] ?? null;

        return match (true) {
            $asked !== null => $this->with($asked, $id, ($this->answers[$asked->value][$id] ?? new Answers)->with($mark, $number)),
            $mark->what instanceof Clipped && $combed !== null => $this->with(Asks::Comb, $id, $combed->unseenBy($mark, $number)),
            default => $this,
        };
    }

    /**
     * @param Mark<Payload> $mark the latest
     *
     * @return Mark<Payload> the answer that stands at its place: itself, or the worse one that it had not seen
     */
    public function stands(Mark $mark): Mark
    {
        $id = (string) $mark->section?->value;
        $answers = $this->answers[Asks::by($mark->what)->value ?? ''][$id] ?? null;

        return $answers === null ? $mark : $this->worst($id, $answers->marks(), $mark);
    }

    /** @param Answers<Payload> $answers */
    private function with(Asks $asked, string $sectionId, Answers $answers): self
    {
        return new self([...$this->answers, $asked->value => [...($this->answers[$asked->value] ?? []), $sectionId => $answers]]);
    }

    /** @return array<string, TwoAnswers> by section id, where one touch has to decide */
    public function undecided(): array
    {
        $undecided = [];
        foreach ($this->answers as $bySection) {
            foreach ($bySection as $id => $answers) {
                // Most places are answered once: the others only are graded.
                $graded = count($answers->marks()) < 2 ? [] : $this->graded($id, $answers->marks());
                if (self::differ($this->gradesOf($id, $graded), array_map(self::lift(...), $graded))) {
                    $undecided[$id] ??= new TwoAnswers($this->worst($id, $graded, $graded[0])->id, $graded);
                }
            }
        }

        return $undecided;
    }

    /**
     * @param list<Mark<Payload>> $marks
     * @param Mark<Payload> $latest
     *
     * @return Mark<Payload>
     */
    private function worst(string $id, array $marks, Mark $latest): Mark
    {
        $graded = $this->graded($id, $marks);
        if (count($graded) < 2) {
            return $graded[0] ?? $latest;
        }
        $worst = $graded[0];
        foreach ($graded as $one) {
            $worst = $this->weight($id, $one) >= $this->weight($id, $worst) ? $one : $worst;
        }
        $lifts = array_filter(array_map(self::lift(...), $graded), fn(?float $lift): bool => $lift !== null);
        $check = self::check($worst);

        return $check === null || $lifts === [] || $check->liftMm === min($lifts)
            ? $worst
            : $worst->with(Asks::checked($worst->what, $check->with(['liftMm' => min($lifts)])), $worst->fields);
    }

    /**
     * @param Mark<Payload> $mark
     *
     * @return array{int, float} the more, the worse
     */
    private function weight(string $id, Mark $mark): array
    {
        return [$this->gradeOf($id, $mark)->value ?? -1, self::check($mark)->mattedShare ?? 0.0];
    }

    /**
     * Those that say a grade: a comb that was drawn and not yet looked at is no answer.
     *
     * @param list<Mark<Payload>> $marks
     *
     * @return list<Mark<Payload>>
     */
    private function graded(string $id, array $marks): array
    {
        return array_values(array_filter($marks, fn(Mark $mark): bool => $this->gradeOf($id, $mark) !== null));
    }

    /**
     * @param list<Mark<Payload>> $marks
     *
     * @return list<int|null>
     */
    private function gradesOf(string $id, array $marks): array
    {
        return array_map(fn(Mark $mark): ?int => $this->gradeOf($id, $mark)?->value, $marks);
    }

    /** @param Mark<Payload> $mark */
    private function gradeOf(string $id, Mark $mark): ?Grade
    {
        $check = self::check($mark);

        return match (true) {
            $check !== null => (new Grader)->grade($check)->grade,
            $mark->what instanceof GradeJudged => $mark->what->own->grade ?? $this->ruleAt($id),
            default => null,
        };
    }

    /** What the rule says of the comb's answer that stands there. */
    private function ruleAt(string $id): ?Grade
    {
        $combed = ($this->answers[Asks::Comb->value][$id] ?? new Answers)->marks();
        $check = $combed === [] ? null : self::check($this->worst($id, $combed, $combed[count($combed) - 1]));

        return $check === null ? null : (new Grader)->grade($check)->grade;
    }

    /** @param Mark<Payload> $mark */
    private static function check(Mark $mark): ?CombCheck
    {
        return $mark->what instanceof CombDrawn ? $mark->what->check : null;
    }

    /** @param Mark<Payload> $mark */
    private static function lift(Mark $mark): ?float
    {
        return self::check($mark)?->liftMm;
    }

    /**
     * @param list<int|null> $grades
     * @param list<float|null> $lifts
     */
    private static function differ(array $grades, array $lifts): bool
    {
        return count(array_unique($grades)) > 1 || count(array_unique(array_filter($lifts, fn(?float $lift): bool => $lift !== null))) > 1;
    }
}
