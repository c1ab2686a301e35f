<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Clients\Sender;
use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Http\Resources\RecordJson;
use App\Models\Visit;
use App\Transfer\Sheets\SheetDesk;

final class RecordController
{
    public function __invoke(Visit $visit, SheetDesk $desk, Sender $sender): Answer
    {
        $sent = $desk->latest($visit);
        $client = $visit->dog->client;

        return new Answer([
            ...RecordJson::of($visit, app()->getLocale()),
            'sent' => $sent === null
                ? null
                : ['id' => $sent->id, 'at' => Iso::of($sent->created_at), 'until' => Iso::of($sent->expires_at)],
            'reach' => $sender->address($client->phone, $client->email),
        ]);
    }
}
