<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\ArrivalAnswered;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\BladeTried;
use HoundCheck\Core\Visit\Marks\CombChecked;
use HoundCheck\Core\Visit\Marks\EvenWanted;
use HoundCheck\Core\Visit\Marks\FindingClosed;
use HoundCheck\Core\Visit\Marks\FindingNoted;
use HoundCheck\Core\Visit\Marks\GradeJudged;
use HoundCheck\Core\Visit\Marks\HandedOver;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\Payload;
use HoundCheck\Core\Visit\Marks\PhotoDeleted;
use HoundCheck\Core\Visit\Marks\PhotoTaken;
use HoundCheck\Core\Visit\Marks\PlanChosen;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\Stopped;
use HoundCheck\Core\Visit\Marks\TreatmentChosen;
use HoundCheck\Core\Visit\Marks\TreatmentFreed;
use HoundCheck\Core\Visit\Marks\Withdrawn;

/** What a person can record about a visit. */
enum MarkKind: string
{
    case Arrived = 'arrived';
    case ArrivalAnswered = 'arrival_answered';
    case CombChecked = 'comb_checked';
    case GradeJudged = 'grade_judged';
    case FindingNoted = 'finding_noted';
    case FindingClosed = 'finding_closed';
    case PhotoTaken = 'photo_taken';
    case PhotoDeleted = 'photo_deleted';
    case NoteWritten = 'note_written';
    case TreatmentChosen = 'treatment_chosen';
    case TreatmentFreed = 'treatment_freed';
    case PlanChosen = 'plan_chosen';
    case EvenWanted = 'even_wanted';
    case BladeTried = 'blade_tried';
    case PlanShown = 'plan_shown';
    case AnswerGiven = 'answer_given';
    case HandedOver = 'handed_over';
    case Stopped = 'stopped';
    case Withdrawn = 'withdrawn';

    /** Decisions are a groomer's; an apprentice records. */
    public function isDecision(): bool
    {
        return match ($this) {
            self::GradeJudged, self::TreatmentChosen, self::TreatmentFreed, self::PlanChosen, self::EvenWanted, self::PlanShown, self::AnswerGiven, self::HandedOver, self::Stopped, self::FindingClosed, self::PhotoDeleted => true,
            default => false,
        };
    }

    /** Erasing what cannot come back is the owner's. */
    public function isOwners(): bool
    {
        return $this === self::PhotoDeleted;
    }

    /** Undo takes back what a hand entered; an arrival, an undo, and what has a picture behind it stay. */
    public function mayBeWithdrawn(): bool
    {
        return match ($this) {
            self::Arrived, self::Withdrawn, self::PhotoTaken, self::PhotoDeleted => false,
            default => true,
        };
    }

    /** Whether the mark belongs to one section of the coat; null when it may. */
    public function needsSection(): ?bool
    {
        return match ($this) {
            self::CombChecked, self::GradeJudged, self::FindingNoted, self::TreatmentChosen, self::TreatmentFreed, self::BladeTried => true,
            self::NoteWritten, self::PhotoTaken => null,
            default => false,
        };
    }

    /** @return class-string<Payload> */
    public function payloadClass(): string
    {
        return match ($this) {
            self::Arrived => Arrived::class,
            self::ArrivalAnswered => ArrivalAnswered::class,
            self::CombChecked => CombChecked::class,
            self::GradeJudged => GradeJudged::class,
            self::FindingNoted => FindingNoted::class,
            self::FindingClosed => FindingClosed::class,
            self::PhotoTaken => PhotoTaken::class,
            self::PhotoDeleted => PhotoDeleted::class,
            self::NoteWritten => NoteWritten::class,
            self::TreatmentChosen => TreatmentChosen::class,
            self::TreatmentFreed => TreatmentFreed::class,
            self::PlanChosen => PlanChosen::class,
            self::EvenWanted => EvenWanted::class,
            self::BladeTried => BladeTried::class,
            self::PlanShown => PlanShown::class,
            self::AnswerGiven => AnswerGiven::class,
            self::HandedOver => HandedOver::class,
            self::Stopped => Stopped::class,
            self::Withdrawn => Withdrawn::class,
        };
    }
}
