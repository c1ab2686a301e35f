<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Health\Health;
use App\Http\Answer;

/** How the installation is: in one word for whatever watches it, in full for its owner. */
final readonly class HealthController
{
    public function __construct(private Health $health) {}

    public function word(): Answer
    {
        $isWell = $this->health->isWell();

        return new Answer(['status' => $isWell ? 'well' : 'look'], $isWell ? 200 : 503);
    }

    public function details(): Answer
    {
        return new Answer($this->health->details());
    }
}
