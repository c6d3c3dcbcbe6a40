<?php

declare(strict_types=1);

namespace App\Http\Requests\Drills;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** One answer; of questions one each. */
final class AnswerDrillRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('work', $this->route('drill'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'answers' => ['required', 'array', 'list', 'max:20'],
            'answers.*' => ['string', 'max:40'],
        ];
    }

    /** @return list<string> */
    public function answers(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('answers')));
    }
}
