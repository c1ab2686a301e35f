<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Salon\Countries;
use App\Salon\Salon;
use App\Words\Languages;
use DateTimeZone;
use Illuminate\Validation\Rule;

/** What a salon says of itself, as the set-up and the owner's screen send it. */
trait SalonFields
{
    /** @return array<string, mixed> */
    private static function salonRules(): array
    {
        $countries = Countries::in('en');

        return [
            'salon' => ['required', 'array:name,country,timeZone,currency,language,units,firstWeekday,phone,vetPhone'],
            'salon.name' => ['required', 'string', 'max:80'],
            'salon.country' => ['present', 'nullable', 'string', Rule::in(array_column($countries, 'code'))],
            'salon.timeZone' => ['required', 'string', Rule::in(DateTimeZone::listIdentifiers())],
            'salon.currency' => ['required', 'string', Rule::in(array_column($countries, 'currency'))],
            'salon.language' => ['required', 'string', Rule::in(Languages::all())],
            'salon.units' => ['required', 'string', Rule::in(['metric', 'imperial'])],
            'salon.firstWeekday' => ['required', 'integer:strict', 'between:1,7'],
            'salon.phone' => ['present', 'nullable', 'string', 'max:40'],
            'salon.vetPhone' => ['present', 'nullable', 'string', 'max:40'],
        ];
    }

    public function salon(): Salon
    {
        /** @var array<string, mixed> $says */
        $says = $this->validated('salon');

        return new Salon(
            trim((string) $says['name']),
            $says['country'],
            $says['timeZone'],
            $says['currency'],
            $says['language'],
            $says['units'],
            $says['firstWeekday'],
            $says['phone'],
            $says['vetPhone'],
        );
    }
}
