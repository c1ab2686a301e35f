<?php

declare(strict_types=1);

namespace HoundCheck\Core\Owner;

/** What an owner will give to brushing at home. */
final readonly class OwnersMinutes
{
    /**
     * @param int $budget minutes a session, over 0
     * @param int $sessionsAWeek 1–7
     */
    public function __construct(public int $budget, public int $sessionsAWeek) {}
}
