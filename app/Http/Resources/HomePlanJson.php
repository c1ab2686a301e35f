<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Clients\OwnerDesk;
use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use Illuminate\Support\Facades\DB;

/** The plan for home that a dog comes with: what was asked, what the owner ticked, and whether the comb found it kept. */
final class HomePlanJson
{
    private const DAY_SECONDS = 86_400;

    /** @return array<string, mixed>|null null: nothing was asked */
    public static function of(OpenVisit $open): ?array
    {
        $plan = OwnerDesk::before($open->visit);
        if ($plan === null) {
            return null;
        }
        $sections = array_merge(...array_column($plan->shown['places'], 'sections'));
        $days = max(1, ($open->visit->arrived_at->getTimestamp() - $plan->created_at->getTimestamp()) / self::DAY_SECONDS);
        $stops = 0;
        foreach ($sections as $id) {
            $stops += $open->atInspection->grade(Section::from($id))?->isMatted() === true ? 1 : 0;
        }

        return [
            'minutes' => $plan->shown['minutes'],
            'sessions' => $plan->shown['sessions'],
            'givenAt' => Iso::of($plan->created_at),
            'sections' => $sections,
            'asked' => max(1, (int) round($days / 7 * $plan->shown['sessions'])),
            'ticked' => DB::table('owner_ticks')->where('owner_plan_id', $plan->id)->distinct()->count('day'),
            'stops' => $open->atInspection->toCheck() === [] ? $stops : null,
        ];
    }
}
