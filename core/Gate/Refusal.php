<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

/** Why a mark is not taken. The sentences are in lang/. */
enum Refusal: string
{
    case NeedsAGroomer = 'needs_a_groomer';
    case NeedsAnOwner = 'needs_an_owner';
    case NeedsThePassword = 'needs_the_password';
    case OnlyThroughTheLink = 'only_through_the_link';
    case DogIsHereAgain = 'dog_is_here_again';
    case NoMatThere = 'no_mat_there';
    case VisitClosed = 'visit_closed';
    case AlreadyArrived = 'already_arrived';
    case NotGradedYet = 'not_graded_yet';
    case AskFirst = 'ask_first';
    case NotOffered = 'not_offered';
    case DepartureNeedsAReason = 'departure_needs_a_reason';
    case PlanIncomplete = 'plan_incomplete';
    case PlanHasChanged = 'plan_has_changed';
    case NoSuchPlan = 'no_such_plan';
    case BeyondStandingPermission = 'beyond_standing_permission';
    case TheNoStands = 'the_no_stands';
    case NoSuchFinding = 'no_such_finding';
    case NoSuchPhoto = 'no_such_photo';
    case NotSetApart = 'not_set_apart';
    case NothingToWithdraw = 'nothing_to_withdraw';
    case CannotBeWithdrawn = 'cannot_be_withdrawn';
    case SkippedStepsNeedAReason = 'skipped_steps_need_a_reason';
    case InspectFirst = 'inspect_first';
    case HeldForVet = 'held_for_vet';
    case LaterVisit = 'later_visit';
    case MindFirst = 'mind_first';
    case NoSuchLine = 'no_such_line';
    case NotAgreed = 'not_agreed';
    case TwoAnswers = 'two_answers';
    case TooLongOnItsFeet = 'too_long_on_its_feet';
    case BladeTestFirst = 'blade_test_first';
    case NeverOnTheBack = 'never_on_the_back';
    case LiesOnItsBack = 'lies_on_its_back';
    case DemattingOver = 'dematting_over';
    case NoMatInHand = 'no_mat_in_hand';
    case NoWayRound = 'no_way_round';
    case NoWaiverForMats = 'no_waiver_for_mats';
    case GateShut = 'gate_shut';
    case OnlyAsAVetOrdered = 'only_as_a_vet_ordered';
    case BathStepsInOrder = 'bath_steps_in_order';
    case NotBathedYet = 'not_bathed_yet';
    case NotDryYet = 'not_dry_yet';
    case NotFinishedYet = 'not_finished_yet';
    case NotSignedYet = 'not_signed_yet';
    case NobodyOfThatName = 'nobody_of_that_name';
    case PromiseIsOver = 'promise_is_over';
    case PromiseIsFar = 'promise_is_far';
}
