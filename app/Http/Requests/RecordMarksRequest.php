<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Visits\MarkAnswer;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\SentText;
use HoundCheck\Core\Marks\UnreadableMark;
use Illuminate\Foundation\Http\FormRequest;

/** A batch of marks. Each is read by itself, so that one that makes no sense does not hold up the others. */
final class RecordMarksRequest extends FormRequest
{
    public const MOST = 200;

    private const FIELDS = ['id', 'kind', 'section', 'at', 'device', 'payload', 'seen'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'marks' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST],
            'marks.*' => ['array'],
            'marks.*.id' => ['required', 'string', 'ulid'],
            'sentAt' => ['nullable', 'string', HandTime::RULE],
        ];
    }

    /** What the device's clock said when it sent. */
    public function sentAt(): ?CarbonImmutable
    {
        return HandTime::read($this->input('sentAt'));
    }

    /** @return list<Mark<Payload>|MarkAnswer> the answer is there already for what could not be read */
    public function marks(): array
    {
        return array_map(self::mark(...), array_values($this->array('marks')));
    }

    /**
     * @param array<string, mixed> $sent
     *
     * @return Mark<Payload>|MarkAnswer
     */
    private static function mark(array $sent): Mark|MarkAnswer
    {
        $id = mb_strtoupper($sent['id']);
        try {
            $strange = array_key_first(array_diff_key($sent, array_flip(self::FIELDS)));
            $kind = is_string($sent['kind'] ?? null) ? MarkKind::tryFrom($sent['kind']) : null;
            $section = $sent['section'] ?? null;
            $device = $sent['device'] ?? null;
            $payload = $sent['payload'] ?? [];
            $seen = $sent['seen'] ?? null;

            $isTablet = SentText::id($device) !== null;

            return match (true) {
                $strange !== null => throw UnreadableMark::field((string) $strange, MarkProblem::NotAField),
                $kind === null => throw UnreadableMark::field('kind', MarkProblem::NotAKind),
                $section !== null && ! is_string($section) => throw UnreadableMark::field('section', MarkProblem::NotText),
                ! $isTablet => throw UnreadableMark::field('device', MarkProblem::NotATablet),
                ! is_array($payload) => throw UnreadableMark::field('payload', MarkProblem::NotAnObject),
                $seen !== null && (! is_int($seen) || $seen < 0) => throw UnreadableMark::field('seen', MarkProblem::NotWhole),
                default => app(MarkReader::class)
                    ->read($kind, $id, $section, self::at($sent['at'] ?? null), '', $payload, mb_strtoupper($device))
                    ->saw($seen),
            };
        } catch (UnreadableMark $why) {
            return MarkAnswer::unreadable($id, $why);
        }
    }

    private static function at(mixed $at): \DateTimeImmutable
    {
        return HandTime::read($at)?->toDateTimeImmutable()
            ?? throw UnreadableMark::field('at', MarkProblem::NotATime);
    }
}
