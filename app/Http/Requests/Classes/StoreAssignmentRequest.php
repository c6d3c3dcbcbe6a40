<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Concerns\ChoosesClass;
use App\Models\Assignment;
use App\Models\BoardFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StoreAssignmentRequest extends FormRequest
{
    use ChoosesClass;

    public function authorize(): bool
    {
        return $this->user()?->can('create', Assignment::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->classRules(),
            'boardFile' => ['required', 'integer:strict', Rule::in(BoardFile::idsInLibraryOf($this->user() ?? abort(401)))],
            'minutes' => ['nullable', 'integer:strict', 'min:1', 'max:480'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->classMessages(),
            'boardFile.*' => __('messages.not-in-library'),
        ];
    }

    public function boardFile(): BoardFile
    {
        return BoardFile::query()->findOrFail($this->integer('boardFile'));
    }

    public function minutes(): ?int
    {
        return $this->filled('minutes') ? $this->integer('minutes') : null;
    }
}
