<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/**
 * Where in a record somebody wrote freely, named a person, or signed: what goes when a person asks to be forgotten. Grades,
 * work, times and who of the salon did it stay: the record stands without the client.
 */
final class WrittenWords
{
    /** Stands where words were that a reader needs. */
    public const ERASED = '–';

    /** Fields of marks, and of acts on appointments, in which people write. */
    public const FIELDS = ['who', 'reason', 'note', 'text', 'wishes', 'newHealth', 'homeBrush', 'lastHeat', 'skippedBecause', 'words'];

    /** What is left out without anything in its place. */
    public const LEFT_OUT = ['phone', 'signature'];

    /**
     * @param array<string, mixed> $payload
     *
     * @return array<string, mixed>
     */
    public static function erasedFrom(array $payload): array
    {
        foreach ($payload as $field => $value) {
            $payload[$field] = match (true) {
                in_array($field, self::LEFT_OUT, true) => null,
                is_string($value) && $value !== '' && in_array($field, self::FIELDS, true) => self::ERASED,
                default => $value,
            };
        }

        return $payload;
    }
}
