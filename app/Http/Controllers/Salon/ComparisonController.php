<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Salon\Comparison;
use Illuminate\Http\Request;

/** The salons of this installation side by side, for whoever owns them. */
final class ComparisonController
{
    private const DAYS = 30;

    private const MOST_DAYS = 366;

    public function __invoke(Request $request, Comparison $comparison): Answer
    {
        $request->validate(['days' => ['sometimes', 'integer', 'min:1', 'max:'.self::MOST_DAYS]]);
        $days = $request->integer('days', self::DAYS);

        return new Answer(['days' => $days, 'salons' => $comparison->of($days)]);
    }
}
