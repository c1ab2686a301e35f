<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;

/**
 * A finding on a dog, open until closed, whichever visit it was noted at.
 *
 * @property string $id the mark that noted it
 * @property string $dog_id
 * @property string $visit_id
 * @property Section $section
 * @property FindingKind $kind
 * @property bool $spot 3 cm around it are left alone; else it is the whole place
 * @property bool $from_work noted once hands had begun at the table
 * @property string|null $note
 * @property float|null $size_mm
 * @property CarbonImmutable $noted_at
 * @property string $noted_by id of whoever did
 * @property CarbonImmutable|null $closed_at
 * @property string|null $closed_by_mark
 */
final class Finding extends RowOfAMark
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'section' => Section::class,
            'kind' => FindingKind::class,
            'spot' => 'boolean',
            'from_work' => 'boolean',
            'size_mm' => 'float',
            'noted_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
        ];
    }
}
