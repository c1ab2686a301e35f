<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\Marks\Role;

/** Who sends a mark, when it arrives, and what has to be known of the salon beside this visit. */
final readonly class Recorder
{
    /**
     * @param string $id as the marks name people
     * @param bool $isTheClient it came through the client's own link
     * @param \DateTimeImmutable $now by the server's clock
     * @param bool $isByPin signed in by PIN, which is for the work at a dog only
     */
    public function __construct(
        public string $id,
        public Role $role,
        public bool $isTheClient,
        public \DateTimeImmutable $now,
        public Salon $salon,
        public bool $isByPin = false,
    ) {}
}
