<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Queries\People\Roster;
use App\Services\PersonName;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class StoreTraineesRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('classroom'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'trainees' => ['required', 'array', 'min:1', 'max:'.Roster::MOST_ROWS],
            'trainees.*' => ['required', 'array'],
            'trainees.*.name' => ['required', 'string', 'max:200'],
            'trainees.*.number' => ['sometimes', 'nullable', 'string', 'max:'.Roster::MOST_NUMBER],
            'trainees.*.extraPercent' => ['sometimes', 'integer:strict', 'min:0', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'trainees.max' => __('people.list-rows-alone', ['most' => Roster::MOST_ROWS]),
            'trainees.*.extraPercent.*' => __('people.fault.extra-odd'),
            'trainees.*' => __('people.list-empty'),
        ];
    }

    /** @return list<array{name: string, number: string|null, extraPercent: int}> */
    public function people(): array
    {
        return array_values(array_map(fn (array $person) => [
            'name' => PersonName::tidy((string) $person['name']),
            'number' => PersonName::tidy((string) ($person['number'] ?? '')) ?: null,
            'extraPercent' => (int) ($person['extraPercent'] ?? 0),
        ], (array) $this->validated('trainees')));
    }
}
