<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Where a groomer's grade in force differs from the rule's.
 *
 * @property string $id the mark that judged
 * @property string $visit_id
 * @property string $section
 * @property int $rule_grade
 * @property string $rule the clause of the grade table
 * @property int $own_grade
 * @property string $reason
 * @property string $staff_id
 * @property CarbonImmutable $judged_at
 */
final class GradeDifference extends RowOfAMark
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['judged_at' => 'immutable_datetime'];
    }
}
