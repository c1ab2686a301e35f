<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Hours of the week by person, and days off, as the owner saves them: all of them at once. */
final class RosterRequest extends FormRequest
{
    private const MINUTES_A_DAY = 1440;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'string', 'max:64'],
            'people' => ['present', 'array', 'max:50'],
            'people.*.id' => ['required', 'string', 'ulid', 'distinct', Rule::exists('staff', 'id')],
            'people.*.hours' => ['present', 'array', 'max:7'],
            'people.*.hours.*.weekday' => ['required', 'integer', 'between:1,7'],
            'people.*.hours.*.from' => ['required', 'integer', 'between:0,'.self::MINUTES_A_DAY],
            'people.*.hours.*.until' => ['required', 'integer', 'between:0,'.self::MINUTES_A_DAY],
            'daysOff' => ['present', 'array', 'max:400'],
            'daysOff.*.person' => ['nullable', 'string', 'ulid', Rule::exists('staff', 'id')],
            'daysOff.*.from' => ['required', 'string', 'date_format:Y-m-d'],
            'daysOff.*.until' => ['required', 'string', 'date_format:Y-m-d'],
            'daysOff.*.reason' => ['required', 'string', 'max:100'],
        ];
    }

    /** @return list<\Closure(Validator): void> an end before its beginning; asked once both are times at all */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach ($this->array('people') as $person => $one) {
                foreach ($one['hours'] as $day => $hours) {
                    if ($hours['until'] <= $hours['from']) {
                        $validator->errors()->add("people.{$person}.hours.{$day}.until", Words::of('appointments.ends_first'));
                    }
                }
            }
            foreach ($this->array('daysOff') as $number => $off) {
                if ($off['until'] < $off['from']) {
                    $validator->errors()->add("daysOff.{$number}.until", Words::of('appointments.ends_first'));
                }
            }
        }];
    }

    /** @return array<string, list<array{weekday: int, from: int, until: int}>> by staff id; a weekday twice counts once, as said last */
    public function hours(): array
    {
        $hours = [];
        foreach ($this->array('people') as $person) {
            $hours[strtoupper($person['id'])] = array_values(array_column($person['hours'], null, 'weekday'));
        }

        return $hours;
    }

    /** @return list<array{person: string|null, from: string, until: string, reason: string}> */
    public function daysOff(): array
    {
        return array_values(array_map(fn(array $off): array => [
            'person' => isset($off['person']) ? strtoupper($off['person']) : null,
            'from' => $off['from'],
            'until' => $off['until'],
            'reason' => $off['reason'],
        ], $this->array('daysOff')));
    }
}
