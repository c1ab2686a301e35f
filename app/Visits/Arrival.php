<?php

declare(strict_types=1);

namespace App\Visits;

use Carbon\CarbonImmutable;

/** What a device says when a dog comes in. */
final readonly class Arrival
{
    /**
     * @param string $visitId ULID made by the device
     * @param string $markId ULID of the arrival mark, made by the device
     * @param CarbonImmutable $at never ahead of the server
     * @param int|null $slotMinutes table time that was planned
     */
    public function __construct(
        public string $visitId,
        public string $markId,
        public CarbonImmutable $at,
        public string $device,
        public ?CarbonImmutable $promisedAt = null,
        public ?int $slotMinutes = null,
    ) {}

    /** What was promised when the dog was booked stands, unless another time was said on arrival. */
    public function promising(?CarbonImmutable $promisedAt): self
    {
        return new self($this->visitId, $this->markId, $this->at, $this->device, $this->promisedAt ?? $promisedAt, $this->slotMinutes);
    }
}
