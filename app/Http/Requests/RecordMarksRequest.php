<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Visits\SentMark;
use HoundCheck\Core\Visit\MarkKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A batch of marks. What is inside a mark is judged mark by mark, so that one wrong mark does not hold up the others. */
final class RecordMarksRequest extends FormRequest
{
    public const MOST = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'marks' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST],
            'marks.*.id' => ['required', 'ulid'],
            'marks.*.kind' => ['required', Rule::enum(MarkKind::class)],
            'marks.*.section' => ['nullable', 'string', 'max:20'],
            'marks.*.at' => ['required', 'date'],
            'marks.*.device' => ['required', 'ulid'],
            'marks.*.payload' => ['nullable', 'array'],
        ];
    }

    /** @return list<SentMark> */
    public function marks(): array
    {
        return array_map(SentMark::fromRequest(...), array_values($this->array('marks')));
    }
}
