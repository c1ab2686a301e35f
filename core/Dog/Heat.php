<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** What an entire bitch's last heat means for her coat and her skin. */
final readonly class Heat
{
    private const SEASON_WEEKS = 3;

    private const MOULT_FROM_WEEKS = 6;

    private const MOULT_TO_WEEKS = 16;

    /** @param int|null $weeksSince its beginning; null: not told */
    public function __construct(private ?int $weeksSince) {}

    /** The groin is sore. */
    public function isNow(): bool
    {
        return $this->weeksSince !== null && $this->weeksSince <= self::SEASON_WEEKS;
    }

    /** She usually drops her coat then. */
    public function bringsAMoult(): bool
    {
        return $this->weeksSince !== null && $this->weeksSince >= self::MOULT_FROM_WEEKS && $this->weeksSince <= self::MOULT_TO_WEEKS;
    }
}
