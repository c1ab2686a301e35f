<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use App\Clients\MessageKind;
use App\Clients\Outbox;
use App\Clients\SalonTime;
use App\Database\ClientAddress;
use App\Database\OneByOne;
use App\Models\SheetLink;
use App\Models\Staff;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Sends the record of a visit to a client by link. */
final readonly class SheetDesk
{
    /** As long as a client may have something to ask about it. */
    public const DAYS_OPEN = 30;

    public function __construct(private Outbox $outbox) {}

    /**
     * Sent twice with the same id, it is sent once. An earlier link of the visit closes.
     *
     * @throws SheetNotSent while the dog is still here: what is sent is the whole of it
     */
    public function send(Visit $visit, string $id, Staff $by): SheetLink
    {
        return DB::transaction(function () use ($visit, $id, $by): SheetLink {
            OneByOne::dog($visit->dog_id);
            $sent = SheetLink::query()->where('visit_id', $visit->id)->find($id);
            if ($sent !== null) {
                return $sent;
            }
            if ($visit->closed_at === null) {
                throw SheetNotSent::theDogIsHere($visit->dog->name);
            }
            $now = CarbonImmutable::now();
            $this->latest($visit)?->update(['withdrawn_at' => $now]);
            $link = SheetLink::query()->create([
                'id' => $id,
                'visit_id' => $visit->id,
                'staff_id' => $by->id,
                'created_at' => $now,
                'expires_at' => $now->addDays(self::DAYS_OPEN),
            ]);
            $client = $visit->dog->client;
            $this->outbox->write(
                MessageKind::Record,
                $client,
                ['dog' => $visit->dog->name, 'day' => SalonTime::day($visit->arrived_at, $client->speaks())],
                ['visit_id' => $visit->id, 'url' => ClientAddress::pageOf(self::signed('visit-sheet.show', $link))],
            );

            return $link;
        });
    }

    public function withdraw(SheetLink $link): void
    {
        $link->update(['withdrawn_at' => $link->withdrawn_at ?? CarbonImmutable::now()]);
    }

    /** The link that is open; null: none is. */
    public function latest(Visit $visit): ?SheetLink
    {
        return SheetLink::query()
            ->where('visit_id', $visit->id)
            ->whereNull('withdrawn_at')
            ->where('expires_at', '>', CarbonImmutable::now())
            ->orderByDesc('created_at')->orderByDesc('id')
            ->first();
    }

    /** An address that opens with this link and as long as it. */
    public static function signed(string $route, SheetLink $link): string
    {
        return ClientAddress::of($route, $link->expires_at, ['link' => $link->id]);
    }
}
