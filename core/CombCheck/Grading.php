<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** The answer of the grade table: a grade, *comb again*, or nothing yet; and the clause that decided. */
final readonly class Grading
{
    private function __construct(
        public Verdict $verdict,
        public ?Grade $grade,
        public GradeRule $rule,
    ) {}

    public static function notChecked(): self
    {
        return new self(Verdict::NotChecked, null, GradeRule::NoComb);
    }

    public static function combAgain(GradeRule $rule): self
    {
        return new self(Verdict::CombAgain, null, $rule);
    }

    public static function graded(Grade $grade, GradeRule $rule): self
    {
        return new self(Verdict::Graded, $grade, $rule);
    }
}
