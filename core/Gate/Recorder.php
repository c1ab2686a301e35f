<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\Marks\Role;

/** Who sends a mark, when it arrives, and what has to be known of the dog beside this visit. */
final readonly class Recorder
{
    /**
     * @param string $id as the marks name people
     * @param bool $isTheClient it came through the client's own link
     * @param \DateTimeImmutable $now by the server's clock
     * @param list<string> $openFindings ids of findings open on this dog, earlier visits' included
     * @param \Closure(): bool $isHereAgain another visit of this dog has not ended
     * @param \Closure(string): bool $isAtWork whether an id is somebody's who works here
     * @param bool $isByPin signed in by PIN, which is for the work at a dog only
     */
    public function __construct(
        public string $id,
        public Role $role,
        public bool $isTheClient,
        public \DateTimeImmutable $now,
        public array $openFindings,
        public \Closure $isHereAgain,
        public \Closure $isAtWork,
        public bool $isByPin = false,
    ) {}
}
