<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/**
 * What the check still needs, in the order in which hands find it.
 *
 * A clear section needs the comb and the skin line, which are one movement. Knotted hair is asked how it opens (unless
 * the grade no longer turns on it), how much of the place it is, and how close to the skin it sits: the grade, the
 * minutes and the blades that pass under it depend on these. Tenderness and the largest mat may be told at any time.
 */
final readonly class NextQuestion
{
    public function __construct(private Grader $grader = new Grader) {}

    public function after(CombCheck $check): ?Question
    {
        if ($check->comb === null) {
            return Question::Comb;
        }
        if ($check->skinLine === null) {
            return Question::SkinLine;
        }
        $grade = $this->grader->grade($check)->grade;
        if ($grade === null || ! $grade->isMatted()) {
            return null;
        }
        if ($check->comb === Comb::Stops && $check->skinLine !== SkinLine::Hidden && $check->opens === null) {
            return Question::Opens;
        }

        return match (true) {
            $check->mattedShare === null => Question::MattedShare,
            $check->liftMm === null => Question::LiftMm,
            default => null,
        };
    }

    /**
     * The grades that the questions still open can lead to, with the present answers kept.
     *
     * @return list<Grade> lowest first
     */
    public function possibleGrades(CombCheck $check): array
    {
        $found = [];
        $this->collect($check, $found);
        ksort($found);

        return array_values($found);
    }

    /** @param array<int, Grade> $found */
    private function collect(CombCheck $check, array &$found): void
    {
        $question = $this->after($check);
        if ($question === null) {
            $grade = $this->grader->grade($check)->grade;
            if ($grade !== null) {
                $found[$grade->value] = $grade;
            }

            return;
        }
        foreach (AnswerBands::answersTo($question) as $answer) {
            $this->collect($check->with($answer), $found);
        }
    }
}
