<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\House\Cutter;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Tolerance\Tolerance;

/** What is not offered for a section, rule by rule, whatever the arithmetic says. */
final readonly class Bars
{
    /** Where loose skin falls between the teeth of a long blade. */
    private const LOOSE_SKIN = [
        BodyPart::Ear, BodyPart::BehindEar, BodyPart::Armpit, BodyPart::Groin, BodyPart::Tuckup, BodyPart::Belly, BodyPart::Forefoot,
        BodyPart::Hindfoot,
    ];

    private const THIN_SKIN = [BodyPart::Ear, BodyPart::Tuckup, BodyPart::Belly];

    private ?float $shortestBladeMm;

    private float $fineTeethMm;

    public function __construct(private CoatCase $case, private HouseRules $rules, private Tolerance $tolerance)
    {
        $this->shortestBladeMm = $case->kit->shortestBladeMm($rules->plan->shortestClipMm);
        $this->fineTeethMm = max($rules->plan->fineTeethMm, $this->shortestBladeMm ?? 0.0);
    }

    /** What allows nothing but leaving the place alone, if there is such a thing. */
    public function leaveReason(SectionReading $reading, ?Grade $grade, BodyPart $part): ?BarReason
    {
        return self::skinReason($reading) ?? match (true) {
            $reading->has(FindingKind::HotSpot) && $grade !== null && ! $grade->isMatted() => BarReason::HotSpotLeave,
            $part === BodyPart::Ear && $reading->has(FindingKind::Bruise)
                && $grade?->atLeast(Grade::TightMat) === true => BarReason::BruisedEarLeave,
            default => null,
        };
    }

    /** Whatever was done there: the skin itself is for a vet. */
    public static function isLeftAlone(SectionReading $reading): bool
    {
        return self::skinReason($reading) !== null;
    }

    private static function skinReason(SectionReading $reading): ?BarReason
    {
        return match (true) {
            $reading->has(FindingKind::OpenSkin) => BarReason::OpenSkinLeave,
            $reading->has(FindingKind::Swelling) => BarReason::SwellingLeave,
            $reading->has(FindingKind::Maggots) => BarReason::MaggotsLeave,
            default => null,
        };
    }

    /** The reason why mats here are clipped and neither opened nor thinned, if there is one. */
    public function clipOnlyReason(GradedSection $graded): ?BarReason
    {
        return $this->clipOnlyByRule($graded) ?? ($this->case->demattingOver ? BarReason::DemattingOverToday : null);
    }

    private function clipOnlyByRule(GradedSection $graded): ?BarReason
    {
        $part = $graded->section->part();

        return match (true) {
            $graded->grade() === Grade::Pelted => BarReason::PeltedClipOnly,
            $graded->reading->has(FindingKind::HotSpot) => BarReason::HotSpotClipOnly,
            $graded->reading->has(FindingKind::MitesOrLice) => BarReason::ParasitesClipOnly,
            $this->rules->plan->tenderPlacesClipOnly && $graded->grade()->value >= $this->rules->plan->tenderClipOnlyFrom
                && ($part === BodyPart::Armpit || $part === BodyPart::Groin) => BarReason::TenderPlaceClipOnly,
            default => null,
        };
    }

    /** Why matted hair here is not opened, whatever it would pull. */
    public function onOpening(GradedSection $graded): ?BarReason
    {
        $opens = $graded->reading->check->opens;
        $has = $graded->reading->has(...);
        $isMat = $graded->grade()->atLeast(Grade::Mat);

        return match (true) {
            $opens === Opens::No => BarReason::OpensByNothing,
            $has(FindingKind::Growth) && $opens !== Opens::Fingers => BarReason::GrowthFingersOnly,
            $has(FindingKind::Pain) && ($isMat || $opens !== Opens::Fingers) => BarReason::PainNotOpened,
            $isMat && $has(FindingKind::Scab) => BarReason::ScabNotOpened,
            $isMat && $has(FindingKind::Moist) => BarReason::MoistNotOpened,
            $isMat && $has(FindingKind::Bruise) => BarReason::BruiseNotOpened,
            default => null,
        };
    }

    public function onThinning(GradedSection $graded): ?NotOffered
    {
        $thin = Treatment::thin();
        $least = in_array($graded->section->part(), self::THIN_SKIN, true)
            ? $this->rules->plan->thinSkinLiftMm
            : $this->rules->plan->thinningLiftMm;

        return match (true) {
            ! $this->rules->plan->thinningAllowed => new NotOffered($thin, BarReason::ThinningOffInHouse),
            $this->case->dog->coat === CoatType::Silky => new NotOffered($thin, BarReason::SilkyIsNotThinned),
            $graded->reading->has(FindingKind::Growth) => new NotOffered($thin, BarReason::GrowthFingersOnly),
            $graded->reading->has(FindingKind::Pain) => new NotOffered($thin, BarReason::PainNotOpened),
            $graded->liftMm() < $least => new NotOffered(
                $thin,
                BarReason::NoRoomForTheComb,
                $graded->liftMm(),
                $least,
                $graded->liftIsAssumed(),
            ),
            default => null,
        };
    }

    public function onTension(GradedSection $graded, Treatment $treatment, float $tension): ?NotOffered
    {
        $cap = $this->tolerance->sectionCapMinutes;

        return match (true) {
            $tension > $cap => new NotOffered($treatment, BarReason::SectionCapExceeded, $tension, $cap),
            $this->tolerance->isFrail && $graded->grade()->atLeast(Grade::Mat) => new NotOffered(
                $treatment,
                BarReason::TooFrailToOpen,
                $this->tolerance->minutes,
                $this->rules->tolerance->frailMinutes,
            ),
            default => null,
        };
    }

    /** What strikes a clip, the cut of a double coat left out. */
    public function onClip(GradedSection $graded, Cutter $cutter): ?NotOffered
    {
        $clip = Treatment::clip($cutter->mm);
        $grade = $graded->grade();
        $isShortest = $cutter->mm === $this->shortestBladeMm;

        return match (true) {
            $graded->reading->bladeStops => new NotOffered($clip, BarReason::BladeStops),
            $grade->isMatted() && $cutter->isGuard => new NotOffered($clip, BarReason::GuardNeedsMatFreeCoat),
            $grade->isMatted() && $cutter->mm > $this->fineTeethMm && $this->wantsFineTeeth($graded) => new NotOffered(
                $clip,
                BarReason::FineTeethOnly,
                $cutter->mm,
                $this->fineTeethMm,
            ),
            $grade->isMatted() && ! $isShortest
                && $cutter->mm > $graded->liftMm() => new NotOffered(
                    $clip,
                    BarReason::BladeOverLift,
                    $graded->liftMm(),
                    $cutter->mm,
                    $graded->liftIsAssumed(),
                ),
            $this->case->consent === ClipConsent::Never && $grade !== Grade::Pelted
                && $graded->section->facts()->seen > $this->rules->plan->hiddenSeen => new NotOffered($clip, BarReason::ClientSaidNever),
            default => null,
        };
    }

    /** A clipped double coat may regrow unevenly, or for long not at all. */
    public function onDoubleCoat(GradedSection $graded, Cutter $cutter): ?NotOffered
    {
        $dog = $this->case->dog;
        $least = $this->rules->plan->doubleCoatLeastMm;
        $spared = $dog->coat === CoatType::Double
            && ! $graded->grade()->atLeast(Grade::TightMat)
            && $graded->section->facts()->seen > $this->rules->plan->hiddenSeen
            && ! ($graded->grade()->isMatted() && $this->clipOnlyByRule($graded) !== null);

        return match (true) {
            ! $spared => null,
            $dog->primitive => new NotOffered(Treatment::clip($cutter->mm), BarReason::PrimitiveCoatUncut),
            $cutter->mm < $least => new NotOffered(Treatment::clip($cutter->mm), BarReason::DoubleCoatTooShort, $cutter->mm, $least),
            default => null,
        };
    }

    /** The shortest blade goes under a mat whatever its lift, but only where a try of it passed there. */
    public function needsBladeTest(GradedSection $graded, Cutter $cutter): bool
    {
        return $graded->grade()->isMatted() && $cutter->mm > $graded->liftMm();
    }

    /** Nothing is left here but to leave it: the finding says why. */
    public function leaveForFinding(SectionReading $reading): bool
    {
        $findings = [
            FindingKind::Pain, FindingKind::HotSpot, FindingKind::Growth, FindingKind::Scab, FindingKind::Moist, FindingKind::Bruise,
            FindingKind::MitesOrLice,
        ];

        return array_filter($findings, $reading->has(...)) !== [];
    }

    private function wantsFineTeeth(GradedSection $graded): bool
    {
        return in_array($graded->section->part(), self::LOOSE_SKIN, true) || $graded->reading->has(FindingKind::HotSpot);
    }
}
