<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** How to hold the dog while a section is worked. The sentences for it are in lang/. */
enum Hold: string
{
    case HindlegSupportKnee = 'hindleg_support_knee';
    case ForelegForward = 'foreleg_forward';
    case FootHanging = 'foot_hanging';
    case BonyPointsAtAnAngle = 'bony_points_at_an_angle';
    case LooseSkinDrawnTaut = 'loose_skin_drawn_taut';
    case FlankFoldCovered = 'flank_fold_covered';
    case EarAtTheLeather = 'ear_at_the_leather';
    case EarForward = 'ear_forward';
    case BrushCornerOnly = 'brush_corner_only';
    case BellyStanding = 'belly_standing';
    case NeverOnTheBack = 'never_on_the_back';
    case TailHeld = 'tail_held';
    case EyesCornerAway = 'eyes_corner_away';
    case LipEdgeBetweenFingers = 'lip_edge_between_fingers';
    case SkinTaut = 'skin_taut';
    case BibWithTheThumb = 'bib_with_the_thumb';
    case StopPadGently = 'stop_pad_gently';
    case HeadByTheChinHair = 'head_by_the_chin_hair';
    case ChinFree = 'chin_free';
    case OldDogSlow = 'old_dog_slow';

    /**
     * @param bool $neverOnTheBack back, heart or airway trouble, bloat risk, late pregnancy
     * @param bool $chinFree short-nosed, heart or airway trouble: the chin is never held up or closed
     *
     * @return list<self> the advice for a section, the most important first
     */
    public static function for(Section $section, bool $seniorDog, bool $neverOnTheBack = false, bool $chinFree = false): array
    {
        $head = $chinFree ? self::ChinFree : self::HeadByTheChinHair;
        $holds = match ($section->part()) {
            BodyPart::Muzzle => [$head, self::LipEdgeBetweenFingers, self::EyesCornerAway],
            BodyPart::Crown => [$head, self::EyesCornerAway],
            BodyPart::Ear => [self::EarAtTheLeather],
            BodyPart::BehindEar => [self::EarForward],
            BodyPart::Neck => [self::LooseSkinDrawnTaut],
            BodyPart::Chest => [self::BibWithTheThumb, self::LooseSkinDrawnTaut],
            BodyPart::Shoulder, BodyPart::Side => [self::SkinTaut],
            // Of an old dog hips and spine are bony points.
            BodyPart::Back => [self::SkinTaut, ...($seniorDog ? [self::BonyPointsAtAnAngle] : [])],
            BodyPart::Breeches => [self::HindlegSupportKnee, ...($seniorDog ? [self::BonyPointsAtAnAngle] : [])],
            BodyPart::Armpit => [self::ForelegForward],
            BodyPart::Foreleg => [self::ForelegForward, self::BonyPointsAtAnAngle],
            BodyPart::Hindleg => [self::HindlegSupportKnee, self::BonyPointsAtAnAngle],
            BodyPart::Forefoot, BodyPart::Hindfoot => [self::FootHanging, self::StopPadGently, self::BonyPointsAtAnAngle],
            BodyPart::Tuckup => [self::FlankFoldCovered],
            BodyPart::Belly => [$neverOnTheBack ? self::NeverOnTheBack : self::BellyStanding, self::BrushCornerOnly],
            BodyPart::Groin => [self::BrushCornerOnly],
            BodyPart::Tail => [self::TailHeld],
        };

        return $seniorDog ? [...$holds, self::OldDogSlow] : $holds;
    }
}
