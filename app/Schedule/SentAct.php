<?php

declare(strict_types=1);

namespace App\Schedule;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentAct;

/** An act on an appointment as a device sends it. */
final readonly class SentAct
{
    /**
     * @param string $id ULID made by the device
     * @param CarbonImmutable $at by the hand's clock, never ahead of the server
     */
    public function __construct(public string $id, public AppointmentAct $act, public CarbonImmutable $at, public string $device) {}
}
