<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Client;

final class ClientJson
{
    /** @return array<string, mixed> */
    public static function of(Client $client): array
    {
        return [
            'id' => $client->id,
            'name' => $client->name,
            'phone' => $client->phone,
            'email' => $client->email,
            'language' => $client->language,
            'photosAllowed' => $client->photos_allowed,
        ];
    }
}
