<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Concerns\HasInstructor;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Task;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zwindle\Exam\Task\TaskMode;

/** What an instructor wants to try; of anything that is not theirs to see it does not exist. */
final class StoreTryRequest extends FormRequest
{
    use HasInstructor;

    private const MOST_SEATS = 40;

    public function authorize(): bool
    {
        return $this->user()?->can('create', BoardFile::class) ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'boardFile' => ['required_without_all:task,attempt', 'integer:strict'],
            'task' => ['sometimes', 'integer:strict'],
            'seat' => ['required_with:task', 'integer:strict', 'min:1', 'max:'.self::MOST_SEATS],
            'attempt' => ['sometimes', 'integer:strict'],
            'isWired' => ['sometimes', 'boolean:strict'],
            'mode' => ['required', Rule::enum(TaskMode::class)],
        ];
    }

    public function mode(): TaskMode
    {
        return TaskMode::from($this->string('mode')->value());
    }

    /** Whether it stands wired as planned, to be tested. */
    public function isWired(): bool
    {
        return $this->boolean('isWired');
    }

    public function seat(): int
    {
        return $this->integer('seat');
    }

    public function boardFile(): BoardFile
    {
        $file = BoardFile::query()->findOrFail($this->integer('boardFile'));
        abort_if($this->user()?->cannot('view', $file), 404);

        return $file;
    }

    public function task(): ?Task
    {
        $task = $this->has('task') ? Task::query()->with(['boardFile', 'marking'])->findOrFail($this->integer('task')) : null;
        abort_if($task !== null && $this->user()?->cannot('view', $task), 404);

        return $task;
    }

    /** Whose seat; null for none. */
    public function seatOf(): ?Attempt
    {
        $attempt = $this->has('attempt') ? Attempt::query()->with('assignment.boardFile')->findOrFail($this->integer('attempt')) : null;
        abort_if($attempt !== null && $this->user()?->cannot('observe', $attempt), 404);

        return $attempt;
    }
}
