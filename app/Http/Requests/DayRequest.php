<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

final class DayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['date' => ['bail', 'nullable', 'string', 'date_format:Y-m-d']];
    }

    /** The salon's day asked for; without one, today's. */
    public function day(): CarbonImmutable
    {
        return $this->filled('date') ? CarbonImmutable::parse($this->string('date')->toString()) : $this->today();
    }

    public function isToday(): bool
    {
        return $this->day()->toDateString() === $this->today()->toDateString();
    }

    /** Today in the salon, whatever the time zone of the tablet. */
    public function today(): CarbonImmutable
    {
        return CarbonImmutable::now(config('salon.timezone'))->startOfDay();
    }
}
