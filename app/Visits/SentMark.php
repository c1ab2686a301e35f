<?php

declare(strict_types=1);

namespace App\Visits;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Visit\MarkKind;

/** A mark as a device sent it, before the core has read it. */
final readonly class SentMark
{
    /** @param array<string, mixed> $payload */
    public function __construct(
        public string $id,
        public MarkKind $kind,
        public ?string $section,
        public CarbonImmutable $at,
        public string $device,
        public array $payload,
    ) {}

    /** @param array<string, mixed> $sent validated by the request */
    public static function fromRequest(array $sent): self
    {
        return new self(
            mb_strtoupper($sent['id']),
            MarkKind::from($sent['kind']),
            $sent['section'] ?? null,
            CarbonImmutable::parse($sent['at'])->utc(),
            $sent['device'],
            $sent['payload'] ?? [],
        );
    }
}
