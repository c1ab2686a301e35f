<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Visit\FeetWay;

/** The visit asks more of the dog's feet than the house does: a way under it, or why it goes over. */
final readonly class FeetPlanned implements Payload
{
    private const REASON_LONGEST = 500;

    /**
     * @param FeetWay|null $way null: none, it goes over
     * @param string|null $reason where it goes over
     */
    public function __construct(public ?FeetWay $way, public ?string $reason) {}

    public static function read(PayloadReader $reader): static
    {
        $way = $reader->sent('way') ? $reader->one('way', FeetWay::class) : null;
        $reason = $way === null ? $reader->text('reason', self::REASON_LONGEST) : $reader->optionalText('reason', self::REASON_LONGEST);
        $reader->finish();

        return new self($way, $reason);
    }
}
