<?php

declare(strict_types=1);

namespace App\Salon;

/** What a browser calls itself, in two words that somebody can tell their tablet by. */
final class Browser
{
    /** The first that is found counts: a browser also carries the names of those that stand after it. */
    private const BROWSERS = [
        'Edg' => 'Edge', 'Firefox' => 'Firefox', 'FxiOS' => 'Firefox', 'CriOS' => 'Chrome', 'Chrome' => 'Chrome', 'Safari' => 'Safari',
    ];

    private const SYSTEMS = [
        'iPad' => 'iPad', 'iPhone' => 'iPhone', 'Android' => 'Android', 'Windows' => 'Windows', 'Mac OS' => 'Mac',
        'CrOS' => 'Chromebook', 'Linux' => 'Linux',
    ];

    public static function named(string $agent): string
    {
        $found = [];
        foreach ([self::BROWSERS, self::SYSTEMS] as $names) {
            foreach ($names as $sign => $name) {
                if (str_contains($agent, $sign)) {
                    $found[] = $name;
                    break;
                }
            }
        }

        return implode(', ', $found);
    }
}
