<?php

declare(strict_types=1);

namespace App\Http\Resources;

use HoundCheck\Core\Tolerance\Tolerance;

final class ToleranceJson
{
    /** @return array<string, mixed> */
    public static function of(Tolerance $tolerance): array
    {
        return [
            'minutes' => $tolerance->minutes,
            'ageGroup' => $tolerance->ageGroup->value,
            'ageFactor' => $tolerance->ageFactor,
            'temperamentFactor' => $tolerance->temperamentFactor,
            'healthFactors' => (object) $tolerance->healthFactors,
            'trustFactor' => $tolerance->trustFactor,
        ];
    }
}
