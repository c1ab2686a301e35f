<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

/** What has to be known of the salon beside the visit, where somebody asks. */
interface Salon
{
    /** Another visit of this dog has not ended. */
    public function isHereAgain(): bool;

    /** Whether an id is somebody's who works here. */
    public function isAtWork(string $id): bool;
}
