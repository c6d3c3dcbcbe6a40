<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Concerns\SaysWhenMade;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class KeepAnswersRequest extends FormRequest
{
    use SaysWhenMade;

    public function authorize(): bool
    {
        return Gate::authorize('work', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'question' => ['required', 'integer:strict', 'min:1', 'max:100'],
            'answer' => ['present', 'array', 'max:100'],
            'answer.*' => ['integer:strict', 'min:0', 'max:200'],
            ...$this->madeRules(),
        ];
    }

    public function question(): int
    {
        return $this->integer('question');
    }

    /** @return list<int> places of the chosen options */
    public function answer(): array
    {
        return array_values(array_map(intval(...), (array) $this->validated('answer')));
    }
}
