<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Database\Closing;
use App\Database\Salons;
use App\Http\Answer;
use App\Salon\Health;

/** How the installation is: in one word for whatever watches it, in full for its owner. */
final readonly class HealthController
{
    public function __construct(private Health $health, private Salons $salons, private Closing $closing) {}

    /** Of every salon of this installation. */
    public function word(): Answer
    {
        if ($this->closing->isClosed()) {
            return new Answer(['status' => 'closed'], 503);
        }
        $isWell = true;
        foreach (array_keys($this->salons->every()) as $salon) {
            $isWell = $this->salons->within($salon, $this->health->isWell(...)) && $isWell;
        }

        return new Answer(['status' => $isWell ? 'well' : 'look'], $isWell ? 200 : 503);
    }

    public function details(): Answer
    {
        return new Answer($this->health->details());
    }
}
