<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HoundCheck\Core\Marks\Words\ClientAnswer;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ClientAnswerRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'answer' => ['required', Rule::enum(ClientAnswer::class)],
            'offer' => ['required_if:answer,yes', 'nullable', 'string', 'max:20'],
            'who' => ['required', 'string', 'max:120'],
            'words' => ['required_if:answer,question', 'nullable', 'string', 'max:500'],
        ];
    }

    public function answer(): ClientAnswer
    {
        return ClientAnswer::from($this->string('answer')->toString());
    }

    public function words(): ?string
    {
        return $this->filled('words') ? $this->string('words')->trim()->toString() : null;
    }
}
