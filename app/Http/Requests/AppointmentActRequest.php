<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Schedule\SentAct;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentActs;
use HoundCheck\Core\Day\CancelledBy;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\HandClock;
use HoundCheck\Core\Marks\SentText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Something said or done about an appointment, as a device sends it. */
final class AppointmentActRequest extends FormRequest
{
    /** What comes by itself or by the client's link is not sent from a tablet. */
    private const SENT = ['booked', 'moved', 'changed', 'cancelled', 'no_show', 'confirmed', 'other_time_asked', 'withdrawn'];

    /** A time that was only just past is a slow hand, not a mistake. */
    private const SLOW_MINUTES = 15;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'kind' => ['required', 'string', Rule::in(self::SENT)],
            'at' => ['required', 'string', HandTime::RULE],
            'sentAt' => ['nullable', 'string', HandTime::RULE],
            'device' => ['required', 'string', 'ulid'],
            'tell' => ['nullable', 'boolean'],
            'fields' => ['present', 'array'],
            'fields.service' => ['required_if:kind,booked,changed', Rule::enum(Service::class)],
            'fields.startsAt' => ['nullable', 'string', HandTime::RULE],
            'fields.promisedAt' => ['nullable', 'string', HandTime::RULE],
            'fields.groomer' => ['nullable', 'string', 'ulid', Rule::exists('staff', 'id')->where('active', true)],
            'fields.note' => ['nullable', 'string', 'max:500'],
            'fields.words' => ['nullable', 'string', 'max:500'],
            'fields.by' => ['required_if:kind,cancelled', Rule::enum(CancelledBy::class)],
            'fields.reason' => ['required_if:kind,cancelled', 'string', 'max:200'],
            'fields.act' => ['required_if:kind,withdrawn', 'string', 'ulid'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $starts = HandTime::read($this->input('fields.startsAt'));
            if ($validator->errors()->isNotEmpty() || $starts === null || ! in_array($this->kind(), ['booked', 'moved'], true)) {
                return;
            }
            if ($starts->isBefore($this->hand()->subMinutes(self::SLOW_MINUTES))) {
                $validator->errors()->add('fields.startsAt', Words::of('appointments.in_the_past'));
            }
            if ($starts->isAfter($this->hand()->addYear())) {
                $validator->errors()->add('fields.startsAt', Words::of('appointments.far_ahead'));
            }
        }];
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }

    public function sent(): SentAct
    {
        return new SentAct(
            $this->string('id')->upper()->toString(),
            AppointmentActs::read($this->kind(), array_map($this->plain(...), (array) $this->input('fields'))),
            $this->hand(),
            $this->string('device')->upper()->toString(),
        );
    }

    /** Ids as they are kept; everything else as it came. */
    private function plain(mixed $value): mixed
    {
        return SentText::id($value) ?? $value;
    }

    private function hand(): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        $clock = HandClock::of($now, HandTime::read($this->input('sentAt')));

        return CarbonImmutable::instance($clock->believed(HandTime::read($this->input('at')) ?? $now))->min($now);
    }
}
