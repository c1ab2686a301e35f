<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Http\Answer;
use HoundCheck\Core\Coat\UsualCoats;

/** Breeds with the coat they usually have, for the card. */
final class UsualCoatsController
{
    public function __invoke(): Answer
    {
        return new Answer(['breeds' => array_map(
            fn(array $one): array => [...$one, 'coat' => $one['coat']->value],
            UsualCoats::all(),
        )]);
    }
}
