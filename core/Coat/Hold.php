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
    case OldDogSlow = 'old_dog_slow';

    /**
     * @param bool $neverOnTheBack back, heart or airway trouble, bloat risk, late pregnancy
     *
     * @return list<self> the advice for a section, the most important first
     */
    public static function for(Section $section, bool $seniorDog, bool $neverOnTheBack = false): array
    {
        $holds = match ($section->part()) {
            BodyPart::Muzzle => [self::LipEdgeBetweenFingers, self::EyesCornerAway],
            BodyPart::Crown => [self::EyesCornerAway],
            BodyPart::Ear => [self::EarAtTheLeather],
            BodyPart::BehindEar => [self::EarForward],
            BodyPart::Neck, BodyPart::Chest => [self::LooseSkinDrawnTaut],
            BodyPart::Shoulder, BodyPart::Back, BodyPart::Side => [self::BonyPointsAtAnAngle],
            BodyPart::Armpit, BodyPart::Foreleg => [self::ForelegForward],
            BodyPart::Forefoot, BodyPart::Hindfoot => [self::FootHanging],
            BodyPart::Tuckup => [self::FlankFoldCovered],
            BodyPart::Belly => [$neverOnTheBack ? self::NeverOnTheBack : self::BellyStanding, self::BrushCornerOnly],
            BodyPart::Groin => [self::BrushCornerOnly],
            BodyPart::Breeches, BodyPart::Hindleg => [self::HindlegSupportKnee],
            BodyPart::Tail => [self::TailHeld],
        };

        return $seniorDog ? [...$holds, self::OldDogSlow] : $holds;
    }
}
