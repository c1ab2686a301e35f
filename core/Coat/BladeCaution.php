<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** What a blade can cut at a place; said where it is clipped. */
enum BladeCaution: string
{
    case LipFold = 'lip_fold';
    case EarEdgeAndPocket = 'ear_edge_and_pocket';
    case EarPocket = 'ear_pocket';
    case ArmpitFold = 'armpit_fold';
    case DewClawAndStopPad = 'dew_claw_and_stop_pad';
    case DewClaw = 'dew_claw';
    case FlankFold = 'flank_fold';
    case NipplesAndSheath = 'nipples_and_sheath';
    case VulvaSheathTesticles = 'vulva_sheath_testicles';
    case HockTendon = 'hock_tendon';
    case TailTip = 'tail_tip';

    public static function at(Section $section): ?self
    {
        return match ($section->part()) {
            BodyPart::Muzzle => self::LipFold,
            BodyPart::Ear => self::EarEdgeAndPocket,
            BodyPart::BehindEar => self::EarPocket,
            BodyPart::Armpit => self::ArmpitFold,
            BodyPart::Foreleg, BodyPart::Forefoot => self::DewClawAndStopPad,
            BodyPart::Hindfoot => self::DewClaw,
            BodyPart::Tuckup => self::FlankFold,
            BodyPart::Belly => self::NipplesAndSheath,
            BodyPart::Groin => self::VulvaSheathTesticles,
            BodyPart::Hindleg => self::HockTendon,
            BodyPart::Tail => self::TailTip,
            default => null,
        };
    }
}
