<?php

declare(strict_types=1);

namespace App\Clients;

use App\Database\ClientAddress;
use App\Database\OneByOne;
use App\Models\ClientLink;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\OpenVisit;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Visit\Offers;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Puts a plan to a client by link, and takes the answer. */
final class ClientDesk
{
    public function __construct(private readonly VisitDesk $desk, private readonly Outbox $outbox, private readonly MarkReader $reader) {}

    /**
     * @param string $planId the mark that showed the plan
     *
     * @throws PlanMovedOn when the plan that was shown is no longer the one in force
     */
    public function send(Visit $visit, string $planId, Staff $by): ClientLink
    {
        return DB::transaction(function () use ($visit, $planId, $by): ClientLink {
            OneByOne::dog($visit->dog_id);
            $open = OpenVisit::load($visit);
            if (! self::isInForce($open, $planId)) {
                throw PlanMovedOn::sinceShown();
            }
            $now = CarbonImmutable::now();
            $link = ClientLink::query()->create([
                'visit_id' => $visit->id,
                'plan_id' => $planId,
                'staff_id' => $by->id,
                'shown' => ClientOffers::of($open),
                'created_at' => $now,
                'expires_at' => $now->addHours(Offers::HOURS_VALID),
            ]);
            $client = $visit->dog->client;
            $this->outbox->write(MessageKind::Plan, $client, ['dog' => $visit->dog->name], [
                'client_link_id' => $link->id,
                'to_phone' => $open->state->arrival->answers->phone,
                'url' => ClientAddress::pageOf(ClientAddress::of('answer.show', $link->expires_at, ['link' => $link->id])),
            ]);

            return $link;
        });
    }

    /** Somebody looked. On a disk that takes no more the page is shown all the same. */
    public function opened(ClientLink $link): void
    {
        if ($link->opened_at !== null) {
            return;
        }
        try {
            $link->update(['opened_at' => CarbonImmutable::now()]);
        } catch (QueryException $failure) {
            report($failure);
        }
    }

    /**
     * @param string $offerId one of those the page showed; for a yes
     *
     * @throws AnswerNotTaken
     */
    public function answer(ClientLink $link, ClientAnswer $answer, string $offerId, string $who, ?string $words): void
    {
        DB::transaction(function () use ($link, $answer, $offerId, $who, $words): void {
            OneByOne::dog($link->visit->dog_id);
            $link->refresh();
            if ($link->settled_at !== null) {
                throw AnswerNotTaken::alreadySettled((string) $link->settled_with, $link->settled_at);
            }
            $planId = $answer === ClientAnswer::Yes ? $this->chooseOffer($link, $offerId) : $link->plan_id;
            $this->record($link, MarkKind::AnswerGiven, array_filter([
                'planId' => $planId, 'answer' => $answer->value, 'via' => 'link', 'who' => $who, 'note' => $words,
            ], fn(?string $value): bool => $value !== null));
            if ($answer === ClientAnswer::Yes || $answer === ClientAnswer::No) {
                $link->update(['settled_at' => CarbonImmutable::now(), 'settled_with' => $answer->value]);
            }
        });
    }

    /** Whether the plan that was shown is still the latest shown, and the one in force. */
    private static function isInForce(OpenVisit $open, string $planId): bool
    {
        return $open->state->agreement->latest?->id === $planId && $open->report->isShownAsItIs();
    }

    /** Another offer than the suggestion becomes the plan, shown as it was on the page. */
    private function chooseOffer(ClientLink $link, string $offerId): string
    {
        // A page that is out of date agrees to nothing, whichever of its offers is chosen.
        $open = OpenVisit::load($link->visit);
        if (! self::isInForce($open, $link->plan_id)) {
            throw AnswerNotTaken::planMovedOn();
        }
        $offer = array_column($link->shown['offers'], null, 'id')[$offerId] ?? throw AnswerNotTaken::noSuchOffer();
        if ($open->price(Choices::fromCodes($offer['choices']))->totalCents > $offer['priceCents']) {
            throw AnswerNotTaken::planMovedOn();
        }
        if ($offer['id'] === 'suggested') {
            return $link->plan_id;
        }
        $this->record($link, MarkKind::PlanChosen, ['aim' => $offer['aim'], 'choices' => $offer['choices']]);

        return $this->record($link, MarkKind::PlanShown, ['choices' => $offer['choices']]);
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return string the mark's id
     */
    private function record(ClientLink $link, MarkKind $kind, array $payload): string
    {
        // The link stands in for the device; the mark goes under the name of whoever sent it.
        $mark = $this->reader->read(
            $kind,
            (string) Str::ulid(),
            null,
            CarbonImmutable::now()->toDateTimeImmutable(),
            $link->staff_id,
            $payload,
            $link->id,
        );
        [$answer] = $this->desk->record($link->visit, [$mark], $link->staff, isTheClient: true)->answers;
        if (! $answer->wasTaken()) {
            throw AnswerNotTaken::planMovedOn();
        }

        return $mark->id;
    }
}
