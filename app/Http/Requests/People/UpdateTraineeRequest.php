<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Queries\People\Roster;
use App\Services\PersonName;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A change to a trainee, with what the asker saw before it. */
final class UpdateTraineeRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('trainee'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'array'],
            'seen.name' => ['required', 'string', 'max:255'],
            'seen.extraPercent' => ['required', 'integer:strict'],
            'name' => ['sometimes', 'required', 'string', 'max:200', $this->isName(...)],
            'extraPercent' => ['sometimes', 'integer:strict', 'min:0', 'max:200'],
            'number' => ['sometimes', 'nullable', 'string', 'max:'.Roster::MOST_NUMBER, $this->isNumber(...)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['extraPercent.*' => __('people.fault.extra-odd')];
    }

    /** @return array{name: string, extraPercent: int} */
    public function seen(): array
    {
        return ['name' => $this->string('seen.name')->value(), 'extraPercent' => $this->integer('seen.extraPercent')];
    }

    /** @return array{name?: string, extraPercent?: int, number?: string|null} */
    public function change(): array
    {
        return [
            ...$this->has('name') ? ['name' => PersonName::tidy($this->string('name')->value())] : [],
            ...$this->has('extraPercent') ? ['extraPercent' => $this->integer('extraPercent')] : [],
            ...$this->has('number') ? ['number' => PersonName::tidy($this->string('number')->value()) ?: null] : [],
        ];
    }

    private function isNumber(string $field, mixed $value, Closure $refuse): void
    {
        Roster::isNumberOdd(is_string($value) ? $value : '') && $refuse(__('people.fault.number-odd'));
    }

    private function isName(string $field, mixed $value, Closure $refuse): void
    {
        $refusal = PersonName::refusal($value);
        $refusal === null || $refuse($refusal);
    }
}
