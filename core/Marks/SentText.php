<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Times and ids as devices send them. */
final class SentText
{
    /** ISO 8601 with a time zone, of a year in which there are dogs here. */
    public const TIME = '/^20\d\d-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:\d\d)$/';

    private const ID = '/^[0-9A-HJKMNP-TV-Z]{26}$/i';

    public static function time(mixed $value): ?\DateTimeImmutable
    {
        $at = is_string($value) && preg_match(self::TIME, $value) === 1 ? date_create_immutable($value) : false;

        return $at === false ? null : $at->setTimezone(new \DateTimeZone('UTC'));
    }

    /** @return string|null a ULID as it is kept; null: it is none */
    public static function id(mixed $value): ?string
    {
        return is_string($value) && preg_match(self::ID, $value) === 1 ? strtoupper($value) : null;
    }
}
