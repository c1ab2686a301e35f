<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** The kinds of mark by name: the classes in Kinds/ say all of them. Written by tests/Core/Marks/write.php. */
enum MarkKind: string
{
    case ArrivalAnswered = 'arrival_answered';
    case Arrived = 'arrived';
    case CombChecked = 'comb_checked';
    case GradeJudged = 'grade_judged';
    case KnotFelt = 'knot_felt';
    case AnswerGiven = 'answer_given';
    case BladeTried = 'blade_tried';
    case EvenWanted = 'even_wanted';
    case FeetPlanned = 'feet_planned';
    case PlanChosen = 'plan_chosen';
    case PlanShown = 'plan_shown';
    case TreatmentChosen = 'treatment_chosen';
    case TreatmentFreed = 'treatment_freed';
    case VisitSplit = 'visit_split';
    case Clipped = 'clipped';
    case LineDone = 'line_done';
    case MatParked = 'mat_parked';
    case MatTaken = 'mat_taken';
    case MatWorked = 'mat_worked';
    case MatsOpened = 'mats_opened';
    case Misted = 'misted';
    case Paused = 'paused';
    case RakePassed = 'rake_passed';
    case Reacted = 'reacted';
    case Resumed = 'resumed';
    case RunStarted = 'run_started';
    case SectionTaken = 'section_taken';
    case TableCombed = 'table_combed';
    case AftercareChosen = 'aftercare_chosen';
    case BathCleared = 'bath_cleared';
    case BathStepped = 'bath_stepped';
    case Dried = 'dried';
    case DryStarted = 'dry_started';
    case FinishTicked = 'finish_ticked';
    case HeldPlaceSettled = 'held_place_settled';
    case PostureTaken = 'posture_taken';
    case RestBegan = 'rest_began';
    case SecondCombed = 'second_combed';
    case SignedOff = 'signed_off';
    case Waived = 'waived';
    case HandedOver = 'handed_over';
    case Stopped = 'stopped';
    case FindingClosed = 'finding_closed';
    case FindingMinded = 'finding_minded';
    case FindingNoted = 'finding_noted';
    case LateCounted = 'late_counted';
    case NextVisitChosen = 'next_visit_chosen';
    case NoteWritten = 'note_written';
    case PhotoDeleted = 'photo_deleted';
    case PhotoTaken = 'photo_taken';
    case PromiseGiven = 'promise_given';
    case ReadyTold = 'ready_told';
    case TurnDecided = 'turn_decided';
    case Withdrawn = 'withdrawn';

    /** @return class-string<Payload> */
    public function payload(): string
    {
        /** @var class-string<Payload> $payload */
        $payload = __NAMESPACE__."\\Kinds\\{$this->name}";

        return $payload;
    }

    public function declared(): Kind
    {
        return Kind::of($this->payload());
    }
}
