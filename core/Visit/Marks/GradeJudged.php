<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\OwnGrade;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** The groomer grades a section otherwise than the rule does, and says why; or lets the rule's grade count again. */
final readonly class GradeJudged implements Payload
{
    private const REASON_LONGEST = 500;

    /** @param OwnGrade|null $own null: the rule's grade counts */
    public function __construct(public ?OwnGrade $own) {}

    public static function read(PayloadReader $reader): static
    {
        if ($reader->sent('rule') && $reader->optionalBool('rule') === true) {
            $reader->finish();

            return new self(null);
        }
        $grade = self::grade($reader, 'grade');
        $instead = self::grade($reader, 'instead');
        if ($grade === $instead) {
            throw UnreadableMark::field('grade', MarkProblem::AsTheRuleSays);
        }
        $judged = new self(new OwnGrade($grade, $instead, $reader->text('reason', self::REASON_LONGEST)));
        $reader->finish();

        return $judged;
    }

    private static function grade(PayloadReader $reader, string $field): Grade
    {
        $value = $reader->optionalWhole(
            $field,
            Grade::Clear->value,
            Grade::Pelted->value,
        ) ?? throw UnreadableMark::isNeeded($field);

        return Grade::from($value);
    }
}
