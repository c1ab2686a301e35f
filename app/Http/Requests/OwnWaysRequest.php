<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a person works the screens: what is not named stays as it is. */
final class OwnWaysRequest extends FormRequest
{
    private const COLUMNS = ['letterKeys' => 'letter_keys', 'language' => 'language'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'letterKeys' => ['required_without:language', 'boolean:strict'],
            'language' => ['required_without:letterKeys', Rule::in(Languages::all())],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $ways = array_intersect_key($this->validated(), self::COLUMNS);

        return array_combine(array_map(fn(string $field): string => self::COLUMNS[$field], array_keys($ways)), $ways);
    }
}
