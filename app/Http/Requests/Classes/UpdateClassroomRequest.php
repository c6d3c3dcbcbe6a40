<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class UpdateClassroomRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('update', $this->route('classroom'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:80'],
            'archived' => ['sometimes', 'boolean:strict'],
            'endsOn' => ['sometimes', 'nullable', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+10 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => __('people.class-name'), 'endsOn.*' => __('people.term-end')];
    }

    /** @return array<string, mixed> */
    public function changes(): array
    {
        return [
            ...$this->has('name') ? ['name' => $this->string('name')->squish()->value()] : [],
            ...$this->has('archived') ? ['archived_at' => $this->boolean('archived') ? now() : null] : [],
            ...$this->has('endsOn') ? ['ends_on' => $this->input('endsOn')] : [],
        ];
    }
}
