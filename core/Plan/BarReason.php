<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** Why a treatment is not offered, whatever the arithmetic says. The sentences are in lang/. */
enum BarReason: string
{
    case PeltedClipOnly = 'pelted_clip_only';
    case HotSpotClipOnly = 'hot_spot_clip_only';
    case ParasitesClipOnly = 'parasites_clip_only';
    case TenderPlaceClipOnly = 'tender_place_clip_only';
    case SectionCapExceeded = 'section_cap_exceeded';
    case DoubleCoatTooShort = 'double_coat_too_short';
    case ClientSaidNever = 'client_said_never';
    case OpenSkinLeave = 'open_skin_leave';
    case SwellingLeave = 'swelling_leave';
    case ThinningOffInHouse = 'thinning_off_in_house';
    case SilkyIsNotThinned = 'silky_is_not_thinned';
    case GuardNeedsMatFreeCoat = 'guard_needs_mat_free_coat';
    case BladeStops = 'blade_stops';
    case BladeOverLift = 'blade_over_lift';
    case MaggotsLeave = 'maggots_leave';
    case HotSpotLeave = 'hot_spot_leave';
    case BruisedEarLeave = 'bruised_ear_leave';
    case OpensByNothing = 'opens_by_nothing';
    case GrowthFingersOnly = 'growth_fingers_only';
    case PainNotOpened = 'pain_not_opened';
    case ScabNotOpened = 'scab_not_opened';
    case MoistNotOpened = 'moist_not_opened';
    case BruiseNotOpened = 'bruise_not_opened';
    case NoRoomForTheComb = 'no_room_for_the_comb';
    case TooFrailToOpen = 'too_frail_to_open';
    case FineTeethOnly = 'fine_teeth_only';
    case PrimitiveCoatUncut = 'primitive_coat_uncut';
    case DemattingOverToday = 'dematting_over_today';
}
