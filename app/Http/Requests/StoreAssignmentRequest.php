<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Assignment;
use App\Models\BoardFile;
use App\Models\Classroom;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StoreAssignmentRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Assignment::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $instructor = $this->user()?->id;

        return [
            'classroom' => ['required', 'integer', Rule::exists('classrooms', 'id')->where('instructor_id', $instructor)],
            'boardFile' => ['required', 'integer', Rule::exists('board_files', 'id')->where(
                fn (Builder $query) => $query->whereNull('frozen_of')->where(fn (Builder $own) => $own->whereNull('instructor_id')->orWhere('instructor_id', $instructor)),
            )],
            'trainees' => ['required', 'array', 'min:1', 'max:200'],
            'trainees.*' => ['integer', 'distinct', Rule::exists('classroom_trainee', 'trainee_id')->where('classroom_id', $this->integer('classroom'))],
            'minutes' => ['nullable', 'integer', 'min:1', 'max:480'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'classroom.*' => __('messages.not-your-class'),
            'boardFile.*' => __('messages.not-in-library'),
            'trainees.*' => __('messages.not-in-class'),
        ];
    }

    public function classroom(): Classroom
    {
        return Classroom::query()->findOrFail($this->integer('classroom'));
    }

    public function boardFile(): BoardFile
    {
        return BoardFile::query()->findOrFail($this->integer('boardFile'));
    }

    /** @return list<int> */
    public function trainees(): array
    {
        return array_values(array_map(intval(...), (array) $this->validated('trainees')));
    }

    public function minutes(): ?int
    {
        return $this->filled('minutes') ? $this->integer('minutes') : null;
    }
}
