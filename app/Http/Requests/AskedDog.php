<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Client;
use App\Models\Dog;
use Carbon\CarbonImmutable;
use HoundCheck\Core\House\Service;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A dog that is asked a time for, with the time that is tried where one is named. */
final class AskedDog extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'dogId' => ['required', 'string', 'ulid', 'exists:dogs,id'],
            'service' => ['required', Rule::enum(Service::class)],
            'groomer' => ['nullable', 'string', 'ulid', 'exists:staff,id'],
            'startsAt' => ['nullable', 'string', HandTime::RULE],
            'promisedAt' => ['nullable', 'string', HandTime::RULE],
            'moving' => ['nullable', 'string', 'ulid'],
        ];
    }

    public function dog(): Dog
    {
        return Dog::query()->with('client:'.Client::REACHED)->findOrFail($this->string('dogId')->upper()->toString());
    }

    public function service(): Service
    {
        return Service::from($this->string('service')->toString());
    }

    public function groomer(): ?string
    {
        return $this->filled('groomer') ? $this->string('groomer')->upper()->toString() : null;
    }

    public function time(string $field): ?CarbonImmutable
    {
        return HandTime::read($this->input($field));
    }

    /** The appointment that is to be moved: its own place is free for it. */
    public function moving(): ?string
    {
        return $this->filled('moving') ? $this->string('moving')->upper()->toString() : null;
    }
}
