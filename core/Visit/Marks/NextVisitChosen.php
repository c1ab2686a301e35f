<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** When the dog should come again, as the client heard it, beside what was suggested and what the client wished. */
final readonly class NextVisitChosen implements Payload
{
    private const MOST_WEEKS = 52;

    /**
     * @param int $weeks until the next visit
     * @param int|null $suggestedWeeks by the dog's clock; null: no interval keeps this coat
     * @param int|null $wishedWeeks by the client
     */
    public function __construct(public int $weeks, public ?int $suggestedWeeks, public ?int $wishedWeeks) {}

    public static function read(PayloadReader $reader): static
    {
        $chosen = new self(
            $reader->optionalWhole('weeks', 1, self::MOST_WEEKS) ?? throw UnreadableMark::isNeeded('weeks'),
            $reader->optionalWhole('suggestedWeeks', 1, self::MOST_WEEKS),
            $reader->optionalWhole('wishedWeeks', 1, self::MOST_WEEKS),
        );
        $reader->finish();

        return $chosen;
    }
}
