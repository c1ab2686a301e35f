<?php

declare(strict_types=1);

namespace App\Clients;

use App\Database\ClientAddress;
use App\Database\DrawnFrom;
use App\Database\OneByOne;
use App\Database\Source;
use App\Models\OwnerPlan;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\MemoryBook;
use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Owner\OwnersMinutes;
use HoundCheck\Core\Owner\OwnersPlan;
use HoundCheck\Core\Visit\WhatItTells;
use Illuminate\Support\Facades\DB;

/** Gives an owner their plan for home by link, and takes what they tick. */
final readonly class OwnerDesk
{
    /** Days beyond the next visit for which a page stays open: dogs come late. */
    private const GRACE_DAYS = 28;

    public function __construct(private MemoryBook $memory, private Outbox $outbox) {}

    /** @return array<string, mixed> as the going home stands now */
    public function plan(Visit $visit, OwnersMinutes $minutes): array
    {
        $open = OpenVisit::load($visit);
        $next = $this->next($open);
        // As it was told the client, else as suggested.
        $weeks = $open->state->leaving->nextVisit->what->weeks ?? $next->weeksLookedAt($next->recommendedWeeks($next->forecast()));

        $leftOut = RestingPlaces::of($open);
        $sections = array_map(Section::from(...), array_values(array_unique(array_column($leftOut, 'section'))));

        return [...OwnerPlanAnswer::of($next, OwnersPlan::of($next, $weeks, $minutes, $sections), $open->rules), 'leftOut' => $leftOut];
    }

    /** Sent twice with the same id, it is given once. */
    public function give(Visit $visit, string $id, OwnersMinutes $minutes, Staff $by): OwnerPlan
    {
        return DB::transaction(function () use ($visit, $id, $minutes, $by): OwnerPlan {
            OneByOne::dog($visit->dog_id);
            $given = OwnerPlan::query()->where('visit_id', $visit->id)->find($id);
            if ($given !== null) {
                return $given;
            }
            $open = OpenVisit::load($visit);
            $plan = $this->plan($visit, $minutes);
            $now = CarbonImmutable::now();
            $client = $visit->dog->client;
            // One plan at a time: an earlier page of this dog's closes.
            OwnerPlan::query()->where('dog_id', $visit->dog_id)->whereNull('withdrawn_at')->update(['withdrawn_at' => $now]);
            $given = OwnerPlan::query()->create([
                'id' => $id,
                'dog_id' => $visit->dog_id,
                'visit_id' => $visit->id,
                'staff_id' => $by->id,
                'shown' => [
                    ...$plan,
                    'salon' => config('salon.name'),
                    'phone' => config('salon.phone'),
                    'dog' => $visit->dog->name,
                    'coat' => $open->state->dog()->coat->value,
                    'brushSlidesOver' => $open->state->arrival->answers->homeTool?->slidesOver() === true,
                ],
                'created_at' => $now,
                'expires_at' => $now->addWeeks($plan['weeks'])->addDays(self::GRACE_DAYS),
            ]);
            $words = ['dog' => $visit->dog->name, 'minutes' => (string) $minutes->budget];
            $this->outbox->write(MessageKind::HomePlan, $client, $words, [
                'visit_id' => $visit->id,
                'to_phone' => $open->state->arrival->answers->phone,
                'url' => ClientAddress::pageOf(ClientAddress::of('home-plan.show', $given->expires_at, ['plan' => $given->id])),
            ]);
            $visit->dog->refresh()->moveOn();

            return $given;
        });
    }

    public function withdraw(OwnerPlan $plan): void
    {
        DB::transaction(function () use ($plan): void {
            OneByOne::dog($plan->dog_id);
            $plan->update(['withdrawn_at' => $plan->withdrawn_at ?? CarbonImmutable::now()]);
            $plan->dog->refresh()->moveOn();
        });
    }

    /** A place was brushed on a day, or was not after all. */
    public function tick(OwnerPlan $plan, string $place, string $day, bool $done): void
    {
        DB::transaction(function () use ($plan, $place, $day, $done): void {
            OneByOne::dog($plan->dog_id);
            $tick = ['owner_plan_id' => $plan->id, 'place' => $place, 'day' => $day];
            $done
                ? DB::table('owner_ticks')->insertOrIgnore([...$tick, 'told_at' => CarbonImmutable::now()])
                : DB::table('owner_ticks')->where($tick)->delete();
            $plan->dog->refresh()->moveOn();
        });
    }

    /** The plan a dog came with to a visit: the latest given before it. */
    public static function before(Visit $visit): ?OwnerPlan
    {
        DrawnFrom::read(Source::Dog, $visit->dog_id);

        return OwnerPlan::query()
            ->where('dog_id', $visit->dog_id)
            ->where('visit_id', '!=', $visit->id)
            ->where('created_at', '<=', $visit->arrived_at)
            ->orderByDesc('created_at')->orderByDesc('id')
            ->first();
    }

    private function next(OpenVisit $open): NextVisit
    {
        $dog = $open->state->dog();

        return $this->memory->before($open->visit, $dog->coat, $open->rules->memory)
            ->and(WhatItTells::of($open->report))
            ->nextVisit($dog, $open->rules) ?? throw new \LogicException('A visit tells of itself.');
    }
}
