<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Inspection\TwoAnswers;
use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use Illuminate\Support\Collection;

/** Places that devices answered otherwise without having seen one another: what each said, and what stands until somebody decides. */
final class TwoAnswersJson
{
    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>>
     */
    public static function of(OpenVisit $open, Collection $names): array
    {
        $two = $open->state->combed->twoAnswers();

        return array_map(fn(string $section, TwoAnswers $there): array => [
            'section' => $section,
            'stands' => $there->standsId,
            'answers' => array_map(fn(Mark $mark): array => self::answer($mark, $names), $there->answers),
        ], array_keys($two), array_values($two));
    }

    /**
     * @param Mark<Payload> $mark
     * @param Collection<string, string> $names
     *
     * @return array<string, mixed>
     */
    private static function answer(Mark $mark, Collection $names): array
    {
        $what = $mark->what;
        $check = $what instanceof CombDrawn ? $what->check : null;
        $own = $what instanceof GradeJudged ? $what->own : null;

        return [
            'id' => $mark->id,
            'kind' => $mark->kind,
            'payload' => (object) $mark->fields,
            'by' => $names[$mark->by] ?? '',
            'at' => Iso::of($mark->at),
            'receivedAt' => Iso::of($mark->receivedAt),
            'grade' => $check === null ? $own?->grade->value : (new Grader)->grade($check)->grade?->value,
            'reason' => $own?->reason,
            'check' => $check === null ? null : self::check($check),
        ];
    }

    /** @return array<string, mixed> */
    private static function check(CombCheck $check): array
    {
        return array_map(fn(mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value, get_object_vars($check));
    }
}
