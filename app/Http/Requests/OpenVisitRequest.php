<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Visits\Arrival;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\HandClock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** A dog comes in: now, or earlier today on a tablet that had no network. */
final class OpenVisitRequest extends FormRequest
{
    /** A tablet may have been without a network for so long; beyond it the clock is wrong. */
    private const LATE_DAYS = 30;

    private const PROMISED_DAYS = 7;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'markId' => ['required', 'string', 'ulid', 'different:id'],
            'dogId' => ['required', 'string', 'ulid', 'exists:dogs,id'],
            'at' => ['required', 'string', HandTime::RULE],
            'sentAt' => ['nullable', 'string', HandTime::RULE],
            'device' => ['required', 'string', 'ulid'],
            'promisedAt' => ['nullable', 'string', HandTime::RULE],
            'slotMinutes' => ['nullable', 'integer', 'between:10,600'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $arrival = $this->arrival();
            $now = CarbonImmutable::now();
            if ($arrival->at->isBefore($now->subDays(self::LATE_DAYS))) {
                $validator->errors()->add('at', Words::of('problems.arrived_long_ago'));
            }
            if ($arrival->promisedAt !== null && ! $arrival->promisedAt->isBetween($arrival->at, $now->addDays(self::PROMISED_DAYS))) {
                $validator->errors()->add('promisedAt', Words::of('problems.promised_when'));
            }
        }];
    }

    public function arrival(): Arrival
    {
        $now = CarbonImmutable::now();
        $clock = HandClock::of($now, HandTime::read($this->input('sentAt')));
        $at = CarbonImmutable::instance($clock->believed(HandTime::read($this->input('at')) ?? $now));

        return new Arrival(
            $this->string('id')->upper()->toString(),
            $this->string('markId')->upper()->toString(),
            $at->min($now),
            $this->string('device')->upper()->toString(),
            HandTime::read($this->input('promisedAt')),
            $this->filled('slotMinutes') ? $this->integer('slotMinutes') : null,
        );
    }
}
