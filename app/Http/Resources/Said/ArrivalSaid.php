<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** What was answered on arrival, in words: a complaint may turn on it. */
final readonly class ArrivalSaid
{
    /** Where the words of a field's answers stand. */
    private const WORDS = [
        'health' => 'card.health',
        'gear' => 'card.gear',
        'extras' => 'arrival.extras',
        'consent' => 'arrival.consentShort',
        'temperament' => 'card.temperaments',
        'homeBrushing' => 'arrival.homeBrushing',
        'homeTool' => 'arrival.homeTools',
        'coatState' => 'arrival.coatStates',
        'service' => 'arrival.services',
        'finishStyle' => 'arrival.finishStyles',
    ];

    public function __construct(private Say $say) {}

    /** @param array<array-key, mixed> $answers by their fields, as they were sent */
    public function of(array $answers): string
    {
        $said = [];
        foreach ($answers as $field => $value) {
            $name = $this->say->named('arrival.arrivalFields', (string) $field) ?: (string) $field;
            $said[] = $this->answer($name, $this->value((string) $field, $value));
        }

        return implode(', ', $said);
    }

    private function answer(string $field, string $value): string
    {
        return $this->say->t('arrival.answerSaid', ['field' => $field, 'value' => $value]);
    }

    private function value(string $field, mixed $value): string
    {
        return match (true) {
            $value === null => $this->say->t('arrival.arrivalValues.takenBack'),
            is_bool($value) => $this->say->t($value ? 'arrival.arrivalValues.yes' : 'arrival.arrivalValues.no'),
            is_array($value) => $this->several($field, $value),
            is_string($value) => $this->named($field, $value) ?: $this->say->quoted($value),
            default => $this->figure($field, (float) $value),
        };
    }

    /** @param array<array-key, mixed> $values */
    private function several(string $field, array $values): string
    {
        if ($values === []) {
            return $this->say->t('arrival.arrivalValues.none');
        }
        if ($field === 'sectionMm') {
            $said = fn(string|int $section): string => $this->answer(
                $this->say->within($this->say->section((string) $section)),
                $this->say->mm((float) $values[$section]),
            );

            return implode(', ', array_map($said, array_keys($values)));
        }
        $names = array_values(array_filter($values, is_string(...)));

        return in_array($field, ['prized', 'chews'], true)
            ? $this->say->sections($names)
            : implode($this->say->t('ui.and'), array_map(fn(string $one): string => $this->named($field, $one) ?: $one, $names));
    }

    private function named(string $field, string $value): string
    {
        return isset(self::WORDS[$field]) ? $this->say->within($this->say->named(self::WORDS[$field], $value)) : '';
    }

    private function figure(string $field, float $figure): string
    {
        return match (true) {
            $field === 'feeLimitCents' => $this->say->money((int) $figure),
            str_starts_with($field, 'daysSince') => $this->say->t('arrival.arrivalValues.daysAgo', ['days' => (int) $figure]),
            str_ends_with($field, 'Mm') => $this->say->mm($figure),
            str_ends_with($field, 'Kg') => $this->say->kg($figure),
            str_ends_with($field, 'Minutes') => $this->say->minutes($figure),
            default => $this->say->figure($figure),
        };
    }
}
