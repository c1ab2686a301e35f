<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** What a dog waits for. Among those that wait equally long, the one whose waiting holds up most comes first. */
enum Need: string
{
    /** The client's answer: everything after it stands still. */
    case Answer = 'answer';
    /** The client said no, asked something, or wants a call. */
    case Reply = 'reply';
    case PlanFromHere = 'plan_from_here';
    case ShowPlan = 'show_plan';
    case Decide = 'decide';
    case HandsOnAgain = 'hands_on_again';
    case ClearForBath = 'clear_for_bath';
    case Bath = 'bath';
    case RinseOut = 'rinse_out';
    case Dry = 'dry';
    case DryToTheSkin = 'dry_to_the_skin';
    case SecondCombCheck = 'second_comb_check';
    case Finish = 'finish';
    case FinishInspection = 'finish_inspection';
    case Inspection = 'inspection';
    case Table = 'table';
    case BathGate = 'bath_gate';
    case HandOver = 'hand_over';
    case Nothing = 'nothing';

    /** Place in the day's order, 0 first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
