<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SearchRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:80'], 'page' => ['nullable', 'integer', 'min:1', 'max:10000']];
    }

    /** A pattern for names with the words anywhere in them; what the person typed is never read as a wildcard. */
    public function pattern(): string
    {
        $text = str_replace(['%', '_'], '', trim($this->string('search')->toString()));

        return '%'.preg_replace('/\s+/u', '%', $text).'%';
    }
}
