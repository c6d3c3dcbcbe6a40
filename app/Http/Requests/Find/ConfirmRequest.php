<?php

declare(strict_types=1);

namespace App\Http\Requests\Find;

use App\Http\Concerns\HasInstructor;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Repair\Mistake\MistakeKind;

/** A mistake that was found and put right. */
final class ConfirmRequest extends FormRequest
{
    use HasInstructor;

    public function authorize(): bool
    {
        return Gate::authorize('view', $this->route('boardFile'))->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', Rule::enum(MistakeKind::class)],
            'at' => ['required', 'array', 'list', 'max:4'],
            'at.*' => ['string', 'max:70'],
        ];
    }

    public function kind(): string
    {
        return $this->string('kind')->value();
    }

    public function at(): string
    {
        return implode(' ', array_map(strval(...), (array) $this->validated('at')));
    }
}
