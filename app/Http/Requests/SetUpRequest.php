<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clients\OneAlphabet;
use App\Salon\SetUp;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

final class SetUpRequest extends FormRequest
{
    use SalonFields;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'max:100'],
            'owner' => ['required', 'array:name,password'],
            'owner.name' => ['required', 'string', new OneAlphabet],
            'owner.password' => ['required', 'string', 'max:200'],
            'rules' => ['present', 'array'],
            ...self::salonRules(),
        ];
    }

    /** @return list<\Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $key = $this->input('key');
            if (is_string($key) && ! SetUp::fits($key)) {
                $validator->errors()->add('key', Words::of('house.wrong_key'));
            }
        }];
    }
}
