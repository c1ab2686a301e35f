<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\Acts\OtherTimeAsked;
use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\CancelledBy;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a client answers about an appointment. */
final class YourTimeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'after' => ['required', 'integer', 'min:1'],
            'answer' => ['required', Rule::in(['confirmed', 'cancelled', 'other_time'])],
            'words' => ['nullable', 'string', 'max:200'],
        ];
    }

    public function act(): AppointmentAct
    {
        $words = $this->string('words')->trim()->toString();

        return match ($this->string('answer')->toString()) {
            'confirmed' => new Confirmed,
            'cancelled' => new Cancelled(CancelledBy::Client, $words),
            default => new OtherTimeAsked($words),
        };
    }
}
