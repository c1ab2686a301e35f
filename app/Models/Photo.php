<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Words\PhotoMoment;

/**
 * A photo of a section or of the whole dog; its picture lies in the store of photos until the owner erases it.
 *
 * @property string $id the mark that took it
 * @property string $dog_id
 * @property string $visit_id
 * @property string|null $section
 * @property string|null $finding_id
 * @property PhotoMoment $moment
 * @property int $width_px
 * @property int $height_px
 * @property CarbonImmutable $taken_at
 * @property string $staff_id
 * @property CarbonImmutable|null $deleted_at
 * @property string|null $deleted_by
 * @property string|null $deleted_because
 */
final class Photo extends RowOfAMark
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['moment' => PhotoMoment::class, 'taken_at' => 'immutable_datetime', 'deleted_at' => 'immutable_datetime'];
    }
}
