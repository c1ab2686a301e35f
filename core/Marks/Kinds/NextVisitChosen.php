<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** When the dog should come again, as the client heard it, beside what was suggested and what the client wished. */
#[Kind(Phase::Any, who: Who::Groomer)]
final readonly class NextVisitChosen implements Payload
{
    private const MOST_WEEKS = 52;

    /**
     * @param int $weeks until the next visit
     * @param int|null $suggestedWeeks by the dog's clock; null: no interval keeps this coat
     * @param int|null $wishedWeeks by the client
     */
    public function __construct(
        #[Whole(1, self::MOST_WEEKS)]
        public int $weeks,
        #[Whole(1, self::MOST_WEEKS)]
        public ?int $suggestedWeeks,
        #[Whole(1, self::MOST_WEEKS)]
        public ?int $wishedWeeks,
    ) {}
}
