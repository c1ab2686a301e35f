<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\OwnGrade;
use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Way;
use HoundCheck\Core\Marks\Fields\Yes;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Marks\Who;

/** The groomer grades a section otherwise than the rule does, and says why; or lets the rule's grade count again. */
#[Kind(Phase::Inspection, Place::Section, Who::Groomer, handsOn: true)]
#[Way(needs: ['rule'])]
#[Way(needs: ['grade', 'instead', 'reason'])]
final readonly class GradeJudged implements Payload
{
    /** Null: the rule's grade counts. */
    public ?OwnGrade $own;

    /**
     * @param bool|null $rule the rule's grade counts again
     * @param Grade|null $grade the groomer's own
     * @param Grade|null $instead the rule's, which it stands against
     *
     * @throws UnreadableMark
     */
    public function __construct(
        #[Yes]
        ?bool $rule = null,
        ?Grade $grade = null,
        ?Grade $instead = null,
        #[Text(500)]
        ?string $reason = null,
    ) {
        if ($grade !== null && $grade === $instead) {
            throw UnreadableMark::field('grade', MarkProblem::AsTheRuleSays);
        }
        $this->own = $rule === true || $grade === null || $instead === null ? null : new OwnGrade($grade, $instead, (string) $reason);
    }
}
