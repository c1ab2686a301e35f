<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A change of the house rules, or an earlier version put back. What a value may be is judged by the core. */
final class HouseRulesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer'],
            'changes' => ['required_without:putBack', 'prohibits:putBack', 'array', 'min:1', 'max:300'],
            'putBack' => ['nullable', 'integer', 'exists:house_rules,version'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }
}
