<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Salon\Salon;
use HoundCheck\Core\Coat\CoatType;

/** How a table is read: which column holds what, in which order dates stand, and what counts where it says nothing. */
final readonly class ImportWay
{
    /** Where days are written after months. */
    private const MONTH_FIRST = ['US', 'PH', 'PW', 'FM', 'MH'];

    /**
     * @param array<int, Field|null> $columns by the column, from 0
     * @param DateOrder|null $dates null: read off the column
     * @param bool $addsTwins dogs that are here already are added once more
     * @param array{sex: string, coat: CoatType, coatMm: float, weightKg: float, ageYears: float} $assumed
     */
    public function __construct(
        public array $columns,
        public ?DateOrder $dates,
        public bool $addsTwins,
        public array $assumed,
        public Salon $salon,
    ) {}

    /** @return array{sex: string, coat: CoatType, coatMm: float, weightKg: float, ageYears: float} proposed to the owner */
    public static function usual(): array
    {
        return ['sex' => 'female', 'coat' => CoatType::Mixed, 'coatMm' => 40.0, 'weightKg' => 12.0, 'ageYears' => 4.0];
    }

    public function usualDates(): DateOrder
    {
        return in_array($this->salon->country, self::MONTH_FIRST, true) ? DateOrder::MonthFirst : DateOrder::DayFirst;
    }

    /** @return list<int> columns that hold it, from 0 */
    public function columns(Field $field): array
    {
        return array_keys($this->columns, $field, true);
    }

    public function column(Field $field): ?int
    {
        $at = array_search($field, $this->columns, true);

        return $at === false ? null : $at;
    }
}
