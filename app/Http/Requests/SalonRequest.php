<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SalonRequest extends FormRequest
{
    use SalonFields;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['base' => ['required', 'integer:strict', 'min:0'], ...self::salonRules()];
    }
}
