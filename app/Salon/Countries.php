<?php

declare(strict_types=1);

namespace App\Salon;

use DateTimeZone;
use IntlCalendar;
use Locale;
use NumberFormatter;
use ResourceBundle;

/** What is usual in a country, from ICU: proposed to a salon that opens there, never decided for it. */
final class Countries
{
    /** Where lengths and weights are told in inches and pounds. */
    private const IMPERIAL = ['US', 'LR', 'MM'];

    /**
     * By name.
     *
     * @return list<array{code: string, name: string, currency: string, units: string, firstWeekday: int, timeZones: list<string>}>
     */
    public static function in(string $language): array
    {
        $countries = [];
        foreach (self::codes() as $code) {
            $locale = "und_{$code}";
            $zones = DateTimeZone::listIdentifiers(DateTimeZone::PER_COUNTRY, $code);
            $currency = (new NumberFormatter($locale, NumberFormatter::CURRENCY))->getTextAttribute(NumberFormatter::CURRENCY_CODE);
            // Without a time zone it is no place to open a salon in.
            if ($zones === [] || ! is_string($currency) || $currency === 'XXX') {
                continue;
            }
            $countries[] = [
                'code' => $code,
                'name' => Locale::getDisplayRegion("-{$code}", $language) ?: $code,
                'currency' => $currency,
                'units' => in_array($code, self::IMPERIAL, true) ? 'imperial' : 'metric',
                // ICU counts from Sunday, 1.
                'firstWeekday' => (((IntlCalendar::createInstance(null, $locale)?->getFirstDayOfWeek() ?: 2) + 5) % 7) + 1,
                'timeZones' => $zones,
            ];
        }
        $collator = new \Collator($language);
        usort($countries, fn(array $one, array $other): int => (int) $collator->compare($one['name'], $other['name']));

        return $countries;
    }

    /** @return list<string> two letters each: of all places that ICU knows */
    private static function codes(): array
    {
        $codes = [];
        foreach (ResourceBundle::getLocales('') ?: [] as $locale) {
            $region = Locale::getRegion($locale);
            if (is_string($region) && preg_match('/^[A-Z]{2}$/', $region) === 1) {
                $codes[$region] = $region;
            }
        }

        return array_values($codes);
    }

}
