<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A calendar file of somebody who works here, as text. */
final class CalendarFileRequest extends FormRequest
{
    /** A year of a full calendar has half of it. */
    private const LONGEST = 1_000_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'person' => ['required', 'string', Rule::exists('staff', 'id')->where('active', true)],
            'fileName' => ['required', 'string', 'max:200'],
            'text' => ['required', 'string', 'max:'.self::LONGEST],
            'keep' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.max' => Words::of('calendar.too_long'), 'text.required' => Words::of('calendar.no_calendar')];
    }

    public function text(): string
    {
        return $this->string('text')->toString();
    }
}
