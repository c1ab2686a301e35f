<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Table\Marks\AftercareChosen;
use HoundCheck\Core\Table\Marks\BathCleared;
use HoundCheck\Core\Table\Marks\BathStepped;
use HoundCheck\Core\Table\Marks\Clipped;
use HoundCheck\Core\Table\Marks\Dried;
use HoundCheck\Core\Table\Marks\DryStarted;
use HoundCheck\Core\Table\Marks\FinishTicked;
use HoundCheck\Core\Table\Marks\LineDone;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\MatTaken;
use HoundCheck\Core\Table\Marks\MatWorked;
use HoundCheck\Core\Table\Marks\Misted;
use HoundCheck\Core\Table\Marks\Paused;
use HoundCheck\Core\Table\Marks\RakePassed;
use HoundCheck\Core\Table\Marks\Reacted;
use HoundCheck\Core\Table\Marks\Resumed;
use HoundCheck\Core\Table\Marks\RunStarted;
use HoundCheck\Core\Table\Marks\SecondCombed;
use HoundCheck\Core\Table\Marks\SectionTaken;
use HoundCheck\Core\Table\Marks\SignedOff;
use HoundCheck\Core\Table\Marks\TableCombed;
use HoundCheck\Core\Table\Marks\Waived;
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
    case RunStarted = 'run_started';
    case SectionTaken = 'section_taken';
    case LineDone = 'line_done';
    case Misted = 'misted';
    case TableCombed = 'table_combed';
    case Clipped = 'clipped';
    case Reacted = 'reacted';
    case MatParked = 'mat_parked';
    case MatTaken = 'mat_taken';
    case MatWorked = 'mat_worked';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case RakePassed = 'rake_passed';
    case Waived = 'waived';
    case BathCleared = 'bath_cleared';
    case BathStepped = 'bath_stepped';
    case DryStarted = 'dry_started';
    case Dried = 'dried';
    case SecondCombed = 'second_combed';
    case FinishTicked = 'finish_ticked';
    case AftercareChosen = 'aftercare_chosen';
    case SignedOff = 'signed_off';
    case HandedOver = 'handed_over';
    case Stopped = 'stopped';
    case Withdrawn = 'withdrawn';

    /** Decisions are a groomer's; an apprentice records. */
    public function isDecision(): bool
    {
        return match ($this) {
            self::GradeJudged, self::TreatmentChosen, self::TreatmentFreed, self::PlanChosen, self::EvenWanted, self::PlanShown, self::AnswerGiven, self::HandedOver, self::Stopped, self::FindingClosed, self::PhotoDeleted, self::Waived, self::BathCleared, self::AftercareChosen, self::SignedOff => true,
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
            self::CombChecked, self::GradeJudged, self::FindingNoted, self::TreatmentChosen, self::TreatmentFreed, self::BladeTried, self::SectionTaken, self::LineDone, self::Misted, self::TableCombed, self::Clipped, self::MatParked, self::MatTaken, self::MatWorked, self::RakePassed, self::Waived, self::SecondCombed => true,
            self::NoteWritten, self::PhotoTaken, self::Reacted => null,
            default => false,
        };
    }

    /** Recorded while the dog is brushed out. */
    public function isOfTheTable(): bool
    {
        return match ($this) {
            self::RunStarted, self::SectionTaken, self::LineDone, self::Misted, self::TableCombed, self::Clipped, self::Reacted, self::MatParked, self::MatTaken, self::MatWorked, self::Paused, self::Resumed, self::RakePassed => true,
            default => false,
        };
    }

    /** Recorded from the bath on. */
    public function isAfterTheTable(): bool
    {
        return match ($this) {
            self::BathCleared, self::BathStepped, self::DryStarted, self::Dried, self::SecondCombed, self::FinishTicked, self::AftercareChosen, self::SignedOff => true,
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
            self::RunStarted => RunStarted::class,
            self::SectionTaken => SectionTaken::class,
            self::LineDone => LineDone::class,
            self::Misted => Misted::class,
            self::TableCombed => TableCombed::class,
            self::Clipped => Clipped::class,
            self::Reacted => Reacted::class,
            self::MatParked => MatParked::class,
            self::MatTaken => MatTaken::class,
            self::MatWorked => MatWorked::class,
            self::Paused => Paused::class,
            self::Resumed => Resumed::class,
            self::RakePassed => RakePassed::class,
            self::Waived => Waived::class,
            self::BathCleared => BathCleared::class,
            self::BathStepped => BathStepped::class,
            self::DryStarted => DryStarted::class,
            self::Dried => Dried::class,
            self::SecondCombed => SecondCombed::class,
            self::FinishTicked => FinishTicked::class,
            self::AftercareChosen => AftercareChosen::class,
            self::SignedOff => SignedOff::class,
            self::HandedOver => HandedOver::class,
            self::Stopped => Stopped::class,
            self::Withdrawn => Withdrawn::class,
        };
    }
}
