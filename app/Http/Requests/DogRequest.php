<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clients\OneAlphabet;
use App\Models\Dog;
use App\Words\Languages;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\OnTheBack;
use HoundCheck\Core\Dog\Temperament;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class DogRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $needed = $this->isMethod('post') ? 'required' : 'sometimes';

        return [
            'id' => [$this->isMethod('post') ? 'required' : 'missing', 'string', 'ulid'],
            'clientId' => [$this->isMethod('post') ? 'nullable' : 'missing', 'string', 'ulid', 'exists:clients,id'],
            'client.name' => [$this->isMethod('post') ? 'required_without:clientId' : 'missing', 'string', 'max:120', new OneAlphabet],
            'client.phone' => ['nullable', 'string', 'max:40'],
            'client.language' => ['nullable', Rule::in(Languages::all())],
            'name' => [$needed, 'string', 'max:60', new OneAlphabet],
            'breed' => [$needed, 'string', 'max:80'],
            'sex' => [$needed, Rule::in(['male', 'female'])],
            'entire' => ['sometimes', 'boolean'],
            'bornOn' => ['bail', $needed, 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:-30 years'],
            'coat' => [$needed, Rule::enum(CoatType::class)],
            'primitive' => ['sometimes', 'boolean'],
            'coatMm' => [$needed, 'numeric', 'between:1,500'],
            'sectionMm' => ['sometimes', 'array:'.implode(',', array_column(Section::cases(), 'value'))],
            'sectionMm.*' => ['numeric', 'between:1,500'],
            'weightKg' => [$needed, 'numeric', 'between:0.3,120'],
            'temperament' => [$needed, Rule::enum(Temperament::class)],
            'health' => ['sometimes', 'array', 'list', 'max:'.count(HealthFact::cases())],
            'health.*' => ['distinct', Rule::enum(HealthFact::class)],
            'mind' => ['nullable', 'string', 'max:200'],
            'naturalMm' => ['nullable', 'numeric', 'between:1,500'],
            'standsMinutes' => ['nullable', 'numeric', 'between:5,240'],
            'liesDown' => ['sometimes', 'boolean'],
            'onTheBack' => ['nullable', Rule::enum(OnTheBack::class)],
            'releaseWord' => ['nullable', 'string', 'max:40'],
            'chinHold' => ['nullable', 'boolean'],
            'kinks' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $columns = $this->isMethod('post') ? ['section_mm' => [], 'health' => [], 'entire' => false, 'primitive' => false] : [];
        foreach ($this->validated() as $field => $value) {
            if (isset(Dog::FIELDS[$field])) {
                $columns[Dog::FIELDS[$field]] = $value;
            }
        }

        return $columns;
    }
}
