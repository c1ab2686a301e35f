<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\Cutter;
use HoundCheck\Core\House\HouseRules;

/** What is not offered for a section, rule by rule, whatever the arithmetic says. */
final readonly class Bars
{
    public function __construct(private CoatCase $case, private HouseRules $rules) {}

    /** The finding that allows nothing but leaving the place alone, if there is one. */
    public function leaveReason(SectionReading $reading): ?BarReason
    {
        return match (true) {
            $reading->has(FindingKind::OpenSkin) => BarReason::OpenSkinLeave,
            $reading->has(FindingKind::Swelling) => BarReason::SwellingLeave,
            default => null,
        };
    }

    /** The reason why mats here are clipped and neither opened nor thinned, if there is one. */
    public function clipOnlyReason(GradedSection $graded): ?BarReason
    {
        $part = $graded->section->part();

        return match (true) {
            $graded->grade() === Grade::Pelted => BarReason::PeltedClipOnly,
            $graded->reading->has(FindingKind::HotSpot) => BarReason::HotSpotClipOnly,
            $graded->reading->has(FindingKind::Parasites) => BarReason::ParasitesClipOnly,
            $this->rules->plan->tenderPlacesClipOnly && $graded->grade()->atLeast(Grade::Mat)
                && ($part === BodyPart::Armpit || $part === BodyPart::Groin) => BarReason::TenderPlaceClipOnly,
            $this->case->demattingOver => BarReason::DemattingOverToday,
            default => null,
        };
    }

    public function onTension(Treatment $treatment, float $tension): ?NotOffered
    {
        $cap = $this->rules->tolerance->sectionCapMinutes;

        return $tension > $cap ? new NotOffered($treatment, BarReason::SectionCapExceeded, $tension, $cap) : null;
    }

    public function onThinning(): ?BarReason
    {
        return match (true) {
            ! $this->rules->plan->thinningAllowed => BarReason::ThinningOffInHouse,
            $this->case->dog->coat === CoatType::Silky => BarReason::SilkyIsNotThinned,
            default => null,
        };
    }

    public function onClip(GradedSection $graded, Cutter $cutter): ?NotOffered
    {
        $clip = Treatment::clip($cutter->mm);
        $grade = $graded->grade();
        $least = $this->rules->plan->doubleCoatLeastMm;

        return match (true) {
            $graded->reading->bladeStops => new NotOffered($clip, BarReason::BladeStops),
            $grade->isMatted() && $cutter->isGuard => new NotOffered($clip, BarReason::GuardNeedsMatFreeCoat),
            $grade->isMatted()
                && $cutter->mm > $graded->liftMm() => new NotOffered($clip, BarReason::BladeOverLift, $graded->liftMm(), $cutter->mm),
            $this->case->dog->coat === CoatType::Double
                && ! $grade->atLeast(Grade::TightMat)
                && $cutter->mm < $least => new NotOffered($clip, BarReason::DoubleCoatTooShort, $cutter->mm, $least),
            $this->case->consent === ClipConsent::Never && $grade !== Grade::Pelted
                && $graded->section->facts()->seen > $this->rules->plan->hiddenSeen => new NotOffered($clip, BarReason::ClientSaidNever),
            default => null,
        };
    }
}
