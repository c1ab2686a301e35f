<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Salon\Salon;
use App\Transfer\Import\DateOrder;
use App\Transfer\Import\Field;
use App\Transfer\Import\ImportWay;
use HoundCheck\Core\Coat\CoatType;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How somebody wants a table of clients and dogs read. */
final class ImportWayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'columns' => ['required', 'array', 'list', 'max:80'],
            'columns.*' => ['nullable', Rule::enum(Field::class), $this->onceOnly(...)],
            'dates' => ['present', 'nullable', Rule::enum(DateOrder::class)],
            'addsTwins' => ['required', 'boolean:strict'],
            'assumed.sex' => ['required', Rule::in(['female', 'male'])],
            'assumed.coat' => ['required', Rule::enum(CoatType::class)],
            'assumed.coatMm' => ['required', 'numeric', 'between:1,500'],
            'assumed.weightKg' => ['required', 'numeric', 'between:0.3,120'],
            'assumed.ageYears' => ['required', 'numeric', 'between:0,29'],
        ];
    }

    private function onceOnly(string $attribute, mixed $value, \Closure $fail): void
    {
        $isTwice = count(array_keys($this->array('columns'), $value, true)) > 1;
        if ($isTwice && is_string($value) && Field::tryFrom($value)?->mayRepeat() !== true) {
            $fail('validation.distinct')->translate();
        }
    }

    public function way(): ImportWay
    {
        return new ImportWay(
            array_map(fn(?string $field): ?Field => $field === null ? null : Field::from($field), $this->validated('columns')),
            $this->enum('dates', DateOrder::class),
            $this->boolean('addsTwins'),
            [
                'sex' => $this->string('assumed.sex')->toString(),
                'coat' => CoatType::from($this->string('assumed.coat')->toString()),
                'coatMm' => $this->float('assumed.coatMm'),
                'weightKg' => $this->float('assumed.weightKg'),
                'ageYears' => $this->float('assumed.ageYears'),
            ],
            Salon::fromConfig(),
        );
    }
}
