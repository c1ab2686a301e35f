<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class LetterKeysRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['letterKeys' => ['required', 'boolean:strict']];
    }
}
