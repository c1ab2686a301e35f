<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\Json;
use Illuminate\Http\JsonResponse;

/** An answer of the API. Whatever is stored, it can be said: a byte that is no text is replaced. */
final class Answer extends JsonResponse
{
    /** @param array<string, mixed> $data */
    public function __construct(array $data, int $status = 200)
    {
        parent::__construct($data, $status, options: Json::FLAGS & ~JSON_THROW_ON_ERROR);
    }
}
