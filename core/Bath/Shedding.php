<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\Words\Rake;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Table\Undercoat;

/**
 * De-shedding after the table, in three stages more: in the lather, towelled, under the dryer.
 *
 * In the lather the wide rake goes through, or a rubber brush where the coat is short; from the towel on the fine rake
 * follows where the wide one has stopped giving.
 */
final readonly class Shedding
{
    /**
     * @param bool $byRubberBrush in the place of a rake
     * @param list<Section> $fineAt where the wide rake stopped giving at the table
     */
    private function __construct(public bool $byRubberBrush, public array $fineAt) {}

    /** @return self|null null: this coat is not raked */
    public static function of(Dog $dog, TableRun $run, TableRules $rules): ?self
    {
        $stopped = fn(Section $section): bool => (new Undercoat($run->at($section)->passes, $rules))->hasStoppedGiving(Rake::Wide);

        return Undercoat::isRaked($dog)
            ? new self($dog->coat === CoatType::Smooth, array_values(array_filter(Section::cases(), $stopped)))
            : null;
    }
}
