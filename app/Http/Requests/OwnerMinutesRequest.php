<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HoundCheck\Core\Owner\OwnersMinutes;
use Illuminate\Foundation\Http\FormRequest;

/** What an owner will give: minutes a session, sessions a week. */
final class OwnerMinutesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['minutes' => ['required', 'integer', 'between:5,60'], 'sessions' => ['required', 'integer', 'between:1,7']];
    }

    public function minutes(): OwnersMinutes
    {
        return new OwnersMinutes($this->integer('minutes'), $this->integer('sessions'));
    }
}
