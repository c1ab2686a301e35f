<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** Times as the API writes them: UTC, with milliseconds. */
final class Iso
{
    public static function of(?\DateTimeInterface $time): ?string
    {
        return $time === null
            ? null
            : \DateTimeImmutable::createFromInterface($time)->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
