<?php

declare(strict_types=1);

namespace App\Words;

use IntlDateFormatter;
use IntlDatePatternGenerator;
use NumberFormatter;

/** Small sentences from the API's typed values, said as the screens say them. */
final class Say
{
    /** The shares of a section that are asked by name. */
    private const SHARES = ['spot' => 0.05, 'tenth' => 0.1, 'fifth' => 0.2, 'third' => 0.3, 'half' => 0.5, 'most' => 0.8];

    private readonly string $region;

    /** @var array<string, NumberFormatter> by their places: making one costs more than using it a hundred times */
    private array $numbers = [];

    /** @var array<string, IntlDateFormatter> by what they show */
    private array $dates = [];

    /**
     * @param string $units    metric or imperial
     * @param string $currency three letters (ISO 4217)
     */
    public function __construct(
        public readonly Words $words,
        private readonly string $units,
        private readonly string $timeZone,
        private readonly string $currency,
    ) {
        $this->region = $words->say('say.region');
    }

    /** As the salon measures, counts and tells the time, in a language of `Languages`. */
    public static function in(string $language): self
    {
        return new self(
            new Words($language),
            (string) config('salon.units'),
            (string) config('salon.timezone'),
            (string) config('salon.currency'),
        );
    }

    /** @param array<string, string|int> $named */
    public function t(string $key, array $named = []): string
    {
        return $this->words->say($key, $named);
    }

    /** "Breeches, left" */
    public function section(string $section): string
    {
        $side = $this->side($section);

        return $side === null ? $this->part($section) : $this->t('say.side', ['part' => $this->part($section), 'side' => $side]);
    }

    /**
     * "behind the ear left, tail"
     *
     * @param list<string> $sections
     */
    public function sections(array $sections): string
    {
        $said = [];
        foreach ($sections as $section) {
            $part = $this->within($this->part($section));
            $other = strtr(substr($section, -2), ['_l' => '_r', '_r' => '_l']);
            $side = $this->side($section);
            if ($side === null) {
                $said[$section] = $part;
            } elseif (in_array(substr($section, 0, -2).$other, $sections, true)) {
                // Both sides are told where the first of them stands.
                $said[substr($section, 0, -2)] = $this->t('say.both', ['part' => $part]);
            } else {
                $said[$section] = $this->t('say.sideWithin', ['part' => $part, 'side' => $side]);
            }
        }

        return implode(', ', $said);
    }

    /** A label as it stands inside a sentence: English writes it small, German keeps its nouns as they are. */
    public function within(string $label): string
    {
        return $this->t('say.labelsWithin') === 'lower' ? mb_strtolower($label) : $label;
    }

    /** The sentence that a group has for a name; empty: none, as for what an earlier version called otherwise. */
    public function named(string $group, string $name, string $end = ''): string
    {
        return $name !== '' && $this->words->has("{$group}.{$name}{$end}") ? $this->t("{$group}.{$name}{$end}") : '';
    }

    /** A sentence begins with a capital. */
    public function start(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    public function grade(int $grade): string
    {
        return $this->t('say.grade', ['grade' => (string) $grade, 'name' => $this->t("coat.grades.{$grade}")]);
    }

    /** "clipped to 6.3 mm" */
    public function done(string $code): string
    {
        $mm = self::clipMm($code);

        return $mm === null ? $this->t("say.done.{$code}") : $this->t('say.done.clip', ['length' => $this->mm($mm)]);
    }

    /** "Clip to 6.3 mm" */
    public function treatment(string $code): string
    {
        $mm = self::clipMm($code);

        return $mm === null ? $this->t("plan.treatments.{$code}") : $this->t('plan.clipTo', ['length' => $this->mm($mm)]);
    }

    public function age(int $months): string
    {
        return $months < 24
            ? $this->t('say.age.months', ['months' => (string) $months])
            : $this->t('say.age.years', ['years' => (string) intdiv($months, 12)]);
    }

    public function minutes(float $minutes): string
    {
        return $this->t('say.minutes', ['minutes' => (string) (int) round($minutes)]);
    }

    /** Pulling, to a tenth. */
    public function pulling(float $minutes): string
    {
        return match (true) {
            $minutes === 0.0 => '0',
            $minutes < 0.1 => $this->t('say.underATenth', ['tenth' => $this->tenths(0.1)]),
            default => $this->tenths($minutes),
        };
    }

    /** "8.0" */
    public function tenths(float $value): string
    {
        return $this->number($value, 1, 1);
    }

    /** "12.3", "12" */
    public function tenth(float $value): string
    {
        return $this->number($value, 0, 1);
    }

    /** A length in the salon's unit: "6.3 mm", "0.25 in" */
    public function mm(float $mm): string
    {
        return $this->t($this->isImperial() ? 'say.inch' : 'say.mm', ['length' => $this->lengthFigure($mm)]);
    }

    /** The same where the unit is told beside it. */
    public function lengthFigure(float $mm): string
    {
        return $this->isImperial()
            ? $this->number($mm / Units::MM_PER_INCH, 0, $mm < Units::MM_PER_INCH ? 2 : 1)
            : $this->number($mm, 0, 1);
    }

    /** A figure as the language writes it, with up to two places. */
    public function figure(float $value): string
    {
        return $this->number($value, 0, 2);
    }

    /** "a tenth of it", "33 % of it" */
    public function share(float $share): string
    {
        foreach (self::SHARES as $name => $named) {
            if (abs($named - $share) < 0.001) {
                return $this->t("say.share.{$name}");
            }
        }

        return $this->t('say.share.part', ['percent' => (int) round($share * 100)]);
    }

    /** An amount in the salon's currency. */
    public function money(int $cents): string
    {
        $format = new NumberFormatter($this->region, NumberFormatter::CURRENCY);
        $format->setTextAttribute(NumberFormatter::CURRENCY_CODE, $this->currency);
        $format->setAttribute(NumberFormatter::FRACTION_DIGITS, $cents % 100 === 0 ? 0 : 2);

        return (string) $format->format($cents / 100);
    }

    /** A weight in the salon's unit. */
    public function kg(float $kg): string
    {
        return $this->isImperial()
            ? $this->t('say.pound', ['weight' => $this->number($kg / Units::KG_PER_POUND, 0, 1)])
            : $this->t('say.kg', ['weight' => $this->number($kg, 0, 2)]);
    }

    /** What somebody wrote, as they wrote it. */
    public function quoted(string $text): string
    {
        return $this->t('say.quoted', ['text' => $text]);
    }

    public function time(string $iso): string
    {
        return $this->date($iso, 'jmm');
    }

    /** "Tuesday 9 June 2026" */
    public function dayAndYear(string $iso): string
    {
        return $this->date($iso, 'yEEEEdMMMM');
    }

    /** "9 June" */
    public function shortDay(string $iso): string
    {
        return $this->date($iso, 'dMMMM');
    }

    /** "14:05" on the same day of the salon's as another moment, else "10 June, 9:12". */
    public function moment(string $iso, string $besides): string
    {
        return $this->shortDay($iso) === $this->shortDay($besides)
            ? $this->time($iso)
            : $this->t('say.dayTime', ['day' => $this->shortDay($iso), 'time' => $this->time($iso)]);
    }

    /** The blade's length of a treatment by its code; null: nothing is clipped. */
    public static function clipMm(?string $code): ?float
    {
        return $code !== null && str_starts_with($code, 'clip:') ? (float) substr($code, 5) : null;
    }

    private function part(string $section): string
    {
        $part = preg_replace('/_[lr]$/', '', $section);

        // A place that an earlier version knew, or none at all, is told by its own name.
        return $this->words->has("coat.parts.{$part}") ? $this->t("coat.parts.{$part}") : $section;
    }

    private function side(string $section): ?string
    {
        return preg_match('/_([lr])$/', $section, $side) === 1 ? $this->t("coat.side.{$side[1]}") : null;
    }

    private function isImperial(): bool
    {
        return $this->units === 'imperial';
    }

    private function number(float $value, int $least, int $most): string
    {
        return (string) ($this->numbers["{$least}-{$most}"] ??= $this->numberFormat($least, $most))->format($value);
    }

    private function numberFormat(int $least, int $most): NumberFormatter
    {
        $format = new NumberFormatter($this->region, NumberFormatter::DECIMAL);
        $format->setAttribute(NumberFormatter::GROUPING_USED, 0);
        $format->setAttribute(NumberFormatter::MIN_FRACTION_DIGITS, $least);
        $format->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, $most);
        // As the browsers round: a half goes away from zero.
        $format->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);

        return $format;
    }

    private function date(string $iso, string $skeleton): string
    {
        return (string) ($this->dates[$skeleton] ??= $this->dateFormat($skeleton))->format(new \DateTimeImmutable($iso));
    }

    private function dateFormat(string $skeleton): IntlDateFormatter
    {
        return new IntlDateFormatter(
            $this->region,
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            $this->timeZone,
            IntlDateFormatter::GREGORIAN,
            (string) (new IntlDatePatternGenerator($this->region))->getBestPattern($skeleton),
        );
    }
}
