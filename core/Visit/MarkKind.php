<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Declaration;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Table\FeetClock;
use HoundCheck\Core\Table\Marks\AftercareChosen;
use HoundCheck\Core\Table\Marks\BathCleared;
use HoundCheck\Core\Table\Marks\BathStepped;
use HoundCheck\Core\Table\Marks\Clipped;
use HoundCheck\Core\Table\Marks\Dried;
use HoundCheck\Core\Table\Marks\DryStarted;
use HoundCheck\Core\Table\Marks\FinishTicked;
use HoundCheck\Core\Table\Marks\HeldPlaceSettled;
use HoundCheck\Core\Table\Marks\LineDone;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\MatsOpened;
use HoundCheck\Core\Table\Marks\MatTaken;
use HoundCheck\Core\Table\Marks\MatWorked;
use HoundCheck\Core\Table\Marks\Misted;
use HoundCheck\Core\Table\Marks\Paused;
use HoundCheck\Core\Table\Marks\PostureTaken;
use HoundCheck\Core\Table\Marks\RakePassed;
use HoundCheck\Core\Table\Marks\Reacted;
use HoundCheck\Core\Table\Marks\RestBegan;
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
use HoundCheck\Core\Visit\Marks\FeetPlanned;
use HoundCheck\Core\Visit\Marks\FindingClosed;
use HoundCheck\Core\Visit\Marks\FindingMinded;
use HoundCheck\Core\Visit\Marks\FindingNoted;
use HoundCheck\Core\Visit\Marks\GradeJudged;
use HoundCheck\Core\Visit\Marks\HandedOver;
use HoundCheck\Core\Visit\Marks\KnotFelt;
use HoundCheck\Core\Visit\Marks\LateCounted;
use HoundCheck\Core\Visit\Marks\NextVisitChosen;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\PhotoDeleted;
use HoundCheck\Core\Visit\Marks\PhotoTaken;
use HoundCheck\Core\Visit\Marks\PlanChosen;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\PromiseGiven;
use HoundCheck\Core\Visit\Marks\ReadyTold;
use HoundCheck\Core\Visit\Marks\Stopped;
use HoundCheck\Core\Visit\Marks\TreatmentChosen;
use HoundCheck\Core\Visit\Marks\TreatmentFreed;
use HoundCheck\Core\Visit\Marks\TurnDecided;
use HoundCheck\Core\Visit\Marks\VisitSplit;
use HoundCheck\Core\Visit\Marks\Withdrawn;

/** What a person can record about a visit. Each kind is declared here, once. */
enum MarkKind: string
{
    case Arrived = 'arrived';
    case ArrivalAnswered = 'arrival_answered';
    case KnotFelt = 'knot_felt';
    case CombChecked = 'comb_checked';
    case GradeJudged = 'grade_judged';
    case FindingNoted = 'finding_noted';
    case FindingClosed = 'finding_closed';
    case FindingMinded = 'finding_minded';
    case PhotoTaken = 'photo_taken';
    case PhotoDeleted = 'photo_deleted';
    case NoteWritten = 'note_written';
    case TreatmentChosen = 'treatment_chosen';
    case TreatmentFreed = 'treatment_freed';
    case PlanChosen = 'plan_chosen';
    case VisitSplit = 'visit_split';
    case EvenWanted = 'even_wanted';
    case BladeTried = 'blade_tried';
    case PlanShown = 'plan_shown';
    case AnswerGiven = 'answer_given';
    case FeetPlanned = 'feet_planned';
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
    case MatsOpened = 'mats_opened';
    case RakePassed = 'rake_passed';
    case PostureTaken = 'posture_taken';
    case RestBegan = 'rest_began';
    case Waived = 'waived';
    case HeldPlaceSettled = 'held_place_settled';
    case BathCleared = 'bath_cleared';
    case BathStepped = 'bath_stepped';
    case DryStarted = 'dry_started';
    case Dried = 'dried';
    case SecondCombed = 'second_combed';
    case FinishTicked = 'finish_ticked';
    case AftercareChosen = 'aftercare_chosen';
    case NextVisitChosen = 'next_visit_chosen';
    case SignedOff = 'signed_off';
    case TurnDecided = 'turn_decided';
    case PromiseGiven = 'promise_given';
    case ReadyTold = 'ready_told';
    case HandedOver = 'handed_over';
    case Stopped = 'stopped';
    case Withdrawn = 'withdrawn';
    case LateCounted = 'late_counted';

    public function declared(): Declaration
    {
        return match ($this) {
            self::Arrived => Declaration::at(Phase::Arrival, Arrived::class)->forGood(),
            self::ArrivalAnswered => Declaration::at(Phase::Arrival, ArrivalAnswered::class),
            self::KnotFelt => Declaration::at(Phase::Inspection, KnotFelt::class, Place::Section)->handsOn(),
            self::CombChecked => Declaration::at(Phase::Inspection, CombChecked::class, Place::Section)->handsOn(),
            self::GradeJudged => Declaration::at(Phase::Inspection, GradeJudged::class, Place::Section)->by(Who::Groomer)->handsOn(),
            self::FindingNoted => Declaration::at(Phase::Any, FindingNoted::class, Place::Section),
            self::FindingClosed => Declaration::at(Phase::Any, FindingClosed::class)->by(Who::Groomer),
            self::FindingMinded => Declaration::at(Phase::Any, FindingMinded::class, Place::Section),
            self::PhotoTaken => Declaration::at(Phase::Any, PhotoTaken::class, Place::Either)->forGood(),
            self::PhotoDeleted => Declaration::at(Phase::Any, PhotoDeleted::class)->by(Who::Owner)->forGood(),
            self::NoteWritten => Declaration::at(Phase::Any, NoteWritten::class, Place::Either),
            self::TreatmentChosen => Declaration::at(Phase::Plan, TreatmentChosen::class, Place::Section)->by(Who::Groomer),
            self::TreatmentFreed => Declaration::at(Phase::Plan, TreatmentFreed::class, Place::Section)->by(Who::Groomer),
            self::PlanChosen => Declaration::at(Phase::Plan, PlanChosen::class)->by(Who::Groomer),
            self::VisitSplit => Declaration::at(Phase::Plan, VisitSplit::class)->by(Who::Groomer),
            self::EvenWanted => Declaration::at(Phase::Plan, EvenWanted::class)->by(Who::Groomer),
            self::BladeTried => Declaration::at(Phase::Plan, BladeTried::class, Place::Section)->handsOn(),
            self::PlanShown => Declaration::at(Phase::Plan, PlanShown::class)->by(Who::Groomer),
            self::AnswerGiven => Declaration::at(Phase::Plan, AnswerGiven::class)->by(Who::Groomer),
            self::FeetPlanned => Declaration::at(Phase::Plan, FeetPlanned::class)->by(Who::Groomer),
            self::RunStarted => Declaration::at(Phase::Table, RunStarted::class)->handsOn(),
            self::SectionTaken => Declaration::at(Phase::Table, SectionTaken::class, Place::Section)->handsOn(),
            self::LineDone => Declaration::at(Phase::Table, LineDone::class, Place::Section)->handsOn(),
            self::Misted => Declaration::at(Phase::Table, Misted::class, Place::Section)->handsOn(),
            self::TableCombed => Declaration::at(Phase::Table, TableCombed::class, Place::Section)->handsOn(),
            self::Clipped => Declaration::at(Phase::Table, Clipped::class, Place::Section)->handsOn(),
            self::Reacted => Declaration::at(Phase::Table, Reacted::class, Place::Either)->handsOn(),
            self::MatParked => Declaration::at(Phase::Table, MatParked::class, Place::Section)->handsOn(),
            self::MatTaken => Declaration::at(Phase::Table, MatTaken::class, Place::Section)->handsOn(),
            self::MatWorked => Declaration::at(Phase::Table, MatWorked::class, Place::Section)->handsOn(),
            self::Paused => Declaration::at(Phase::Table, Paused::class)->handsOn(),
            self::Resumed => Declaration::at(Phase::Table, Resumed::class)->handsOn(),
            self::MatsOpened => Declaration::at(Phase::Table, MatsOpened::class, Place::Section),
            self::RakePassed => Declaration::at(Phase::Table, RakePassed::class, Place::Section)->handsOn(),
            self::PostureTaken => Declaration::at(Phase::Bath, PostureTaken::class)->handsOn(),
            self::RestBegan => Declaration::at(Phase::Bath, RestBegan::class),
            self::Waived => Declaration::at(Phase::Bath, Waived::class, Place::Section)->by(Who::Groomer),
            self::HeldPlaceSettled => Declaration::at(Phase::Bath, HeldPlaceSettled::class, Place::Section)->by(Who::Groomer),
            self::BathCleared => Declaration::at(Phase::Bath, BathCleared::class)->by(Who::Groomer)->handsOn(),
            self::BathStepped => Declaration::at(Phase::Bath, BathStepped::class)->handsOn(),
            self::DryStarted => Declaration::at(Phase::Bath, DryStarted::class)->handsOn(),
            self::Dried => Declaration::at(Phase::Bath, Dried::class)->handsOn(),
            self::SecondCombed => Declaration::at(Phase::Bath, SecondCombed::class, Place::Section)->handsOn(),
            self::FinishTicked => Declaration::at(Phase::Bath, FinishTicked::class)->handsOn(),
            self::AftercareChosen => Declaration::at(Phase::Bath, AftercareChosen::class)->by(Who::Groomer),
            self::NextVisitChosen => Declaration::at(Phase::Any, NextVisitChosen::class)->by(Who::Groomer),
            self::SignedOff => Declaration::at(Phase::Bath, SignedOff::class)->by(Who::Groomer),
            self::TurnDecided => Declaration::at(Phase::Any, TurnDecided::class)->by(Who::Groomer),
            self::PromiseGiven => Declaration::at(Phase::Any, PromiseGiven::class)->by(Who::Groomer),
            self::ReadyTold => Declaration::at(Phase::Any, ReadyTold::class),
            self::HandedOver => Declaration::at(Phase::End, HandedOver::class)->by(Who::Groomer),
            self::Stopped => Declaration::at(Phase::End, Stopped::class)->by(Who::Groomer),
            self::Withdrawn => Declaration::at(Phase::Any, Withdrawn::class)->forGood(),
            self::LateCounted => Declaration::at(Phase::Any, LateCounted::class)->by(Who::Groomer),
        };
    }

    /** @return list<self> made with the dog under the hands from the table on: they end a rest, and the dog is on its feet again */
    public static function withHandsOn(): array
    {
        return array_values(array_filter(
            self::cases(),
            fn(self $kind): bool => $kind->declared()->handsOn && FeetClock::counts($kind->declared()),
        ));
    }

    /**
     * @param string $id ULID made by the device
     * @param array<string, mixed> $payload as it was sent, or stored
     * @param bool $stored it was taken once: what an earlier version let in is read as well as can be
     *
     * @return Mark<Payload>
     *
     * @throws UnreadableMark
     */
    public function read(
        string $id,
        ?string $section,
        \DateTimeImmutable $at,
        string $by,
        array $payload,
        string $device = '',
        bool $stored = false,
    ): Mark {
        $declared = $this->declared();
        $place = $section === null
            ? null
            : (Section::tryFrom($section) ?? throw UnreadableMark::field('section', MarkProblem::UnknownSection, ['given' => $section]));
        if ($declared->place === Place::Section && $place === null) {
            throw UnreadableMark::field('section', MarkProblem::SectionNeeded);
        }
        if ($declared->place === Place::Visit && $place !== null) {
            throw UnreadableMark::field('section', MarkProblem::SectionNotForThisKind);
        }
        $reader = new PayloadReader($payload, $stored);
        $what = $declared->payload::read($reader);

        return new Mark($id, $this->value, $declared, $what, $place, $at, $by, $device, $reader->taken());
    }
}
