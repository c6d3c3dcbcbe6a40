<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ReGradeRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::authorize('reMark', $this->route('attempt'))->allowed();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['take' => ['required', 'boolean:strict']];
    }

    /** Whether what is judged now is taken; else what stood is kept. */
    public function isTaken(): bool
    {
        return $this->boolean('take');
    }
}
