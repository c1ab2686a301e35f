<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clients\OneAlphabet;
use App\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ClientRequest extends FormRequest
{
    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        $told = $this->validated();
        if (array_key_exists('photosAllowed', $told)) {
            $told['photos_allowed'] = $told['photosAllowed'];
        }
        unset($told['photosAllowed']);

        return $told;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:120', new OneAlphabet],
            'phone' => ['sometimes', 'nullable', 'string', 'max:40'],
            'email' => ['sometimes', 'nullable', 'string', 'email', 'max:254'],
            'language' => ['sometimes', 'nullable', Rule::in(Languages::all())],
            'photosAllowed' => ['sometimes', 'nullable', 'boolean'],
        ];
    }
}
