<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Concerns\ChoosesClass;
use App\Models\Assignment;
use App\Models\BoardFile;
use Illuminate\Contracts\Database\Query\Builder;
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
        $instructor = $this->user()?->id;

        return [
            ...$this->classRules(),
            'boardFile' => ['required', 'integer:strict', Rule::exists('board_files', 'id')->where(
                fn (Builder $query) => $query->whereNull('frozen_of')->where(fn (Builder $own) => $own->whereNull('instructor_id')->orWhere(
                    'instructor_id',
                    $instructor,
                )),
            )],
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
