<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class OpenVisitRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'markId' => ['required', 'ulid', 'different:id'],
            'dogId' => ['required', 'ulid', 'exists:dogs,id'],
            'at' => ['required', 'date'],
            'device' => ['required', 'ulid'],
            'promisedAt' => ['nullable', 'date', 'after:at'],
            'slotMinutes' => ['nullable', 'integer', 'between:10,600'],
        ];
    }
}
