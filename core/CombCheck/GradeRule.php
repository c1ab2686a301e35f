<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** The clause of the grade table that decided, first match first. */
enum GradeRule: string
{
    case PeltedAll = 'pelted';
    case CannotEnter = 'cannot_enter';
    case SkinHidden = 'skin_hidden';
    case OpensByNothing = 'opens_by_nothing';
    case CloseToSkin = 'close_to_skin';
    case OpensByTool = 'opens_by_tool';
    case Tender = 'tender';
    case MuchMatted = 'much_matted';
    case LargeMat = 'large_mat';
    case CombStops = 'comb_stops';
    case SkinNotClear = 'skin_not_clear';
    case NobodyLooked = 'nobody_looked';
    case UndercoatPacked = 'undercoat_packed';
    case CombCatches = 'comb_catches';
    case FineCombHolds = 'fine_comb_holds';
    case AllClear = 'all_clear';
    case NoComb = 'no_comb';
}
