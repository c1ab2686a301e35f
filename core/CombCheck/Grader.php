<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/**
 * The grade table: the first rule that matches. Lift, how it opens, share and size count only where the comb stops or
 * cannot enter.
 */
final readonly class Grader
{
    /** From this matted share on, with the skin hidden and the comb shut out, the place is pelted. */
    public const PELTED_SHARE = 0.5;

    /** From this matted share on a stopped comb is a mat. */
    public const MAT_SHARE = 0.25;

    /** From this size on a stopped comb is a mat, in mm. */
    public const MAT_LARGEST_MM = 25.0;

    /** Under this lift a mat is tight, in mm. */
    public const TIGHT_LIFT_MM = 3.0;

    /** A mat that is given as smaller is not tight for sitting close to the skin, in mm. */
    public const SMALL_MAT_MM = 10.0;

    public function grade(CombCheck $check): Grading
    {
        return match (true) {
            $check->comb === null => Grading::notChecked(),

            // 5 Pelted
            $check->comb === Comb::CannotEnter
                && $check->skinLine === SkinLine::Hidden
                && $check->mattedShare >= self::PELTED_SHARE => Grading::graded(Grade::Pelted, GradeRule::PeltedAll),

            // 4 Tight mat
            $check->comb === Comb::CannotEnter => Grading::graded(Grade::TightMat, GradeRule::CannotEnter),
            $check->comb === Comb::Stops
                && $check->skinLine === SkinLine::Hidden => Grading::graded(Grade::TightMat, GradeRule::SkinHidden),
            $check->comb === Comb::Stops && $check->opens === Opens::No => Grading::graded(Grade::TightMat, GradeRule::OpensByNothing),
            $check->comb === Comb::Stops && self::sitsOnTheSkin($check) => Grading::graded(Grade::TightMat, GradeRule::CloseToSkin),

            // 3 Mat
            $check->comb === Comb::Stops && $check->opens === Opens::Tool => Grading::graded(Grade::Mat, GradeRule::OpensByTool),
            $check->comb === Comb::Stops && $check->tender => Grading::graded(Grade::Mat, GradeRule::Tender),
            $check->comb === Comb::Stops && $check->mattedShare >= self::MAT_SHARE => Grading::graded(Grade::Mat, GradeRule::MuchMatted),
            $check->comb === Comb::Stops && $check->largestMm >= self::MAT_LARGEST_MM => Grading::graded(Grade::Mat, GradeRule::LargeMat),

            // 2 Tangle
            $check->comb === Comb::Stops => Grading::graded(Grade::Tangle, GradeRule::CombStops),

            // Loose hair comes away in the comb, no knot is felt: moulting undercoat is not a mat.
            $check->skinLine === SkinLine::Packed => Grading::graded(Grade::Drag, GradeRule::UndercoatPacked),

            // The comb ran over the top: part to the skin and comb again.
            $check->skinLine === null => Grading::combAgain(GradeRule::NobodyLooked),
            $check->skinLine !== SkinLine::Clear => Grading::combAgain(GradeRule::SkinNotClear),

            // 1 Drag
            $check->comb === Comb::Catches => Grading::graded(Grade::Drag, GradeRule::CombCatches),
            $check->fine === FineComb::Catches
                || $check->fine === FineComb::Stops => Grading::graded(Grade::Drag, GradeRule::FineCombHolds),

            // 0 Clear
            default => Grading::graded(Grade::Clear, GradeRule::AllClear),
        };
    }

    private static function sitsOnTheSkin(CombCheck $check): bool
    {
        return $check->liftMm !== null && $check->liftMm < self::TIGHT_LIFT_MM
            && ($check->largestMm === null || $check->largestMm >= self::SMALL_MAT_MM);
    }
}
