<?php

declare(strict_types=1);

namespace App\Http\Requests\Hunt;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Fault cards for so many seats; the same seed deals the same ones. */
final class FaultCardsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'seats' => ['required', 'integer', 'min:1', 'max:40'],
            'seed' => ['sometimes', 'nullable', 'string', 'max:64'],
        ];
    }

    public function seats(): int
    {
        return $this->integer('seats');
    }

    public function seed(): string
    {
        return $this->string('seed')->value();
    }
}
