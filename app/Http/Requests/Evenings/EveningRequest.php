<?php

declare(strict_types=1);

namespace App\Http\Requests\Evenings;

use App\Models\Classroom;
use App\Models\Evening;
use App\Models\Task;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zwindle\Exam\Task\TaskMode;

/** The draft of an evening: people, stations, times, and what was put by hand. */
final class EveningRequest extends FormRequest
{
    private const MOST_PEOPLE = 200;

    private const MOST_STATIONS = 60;

    /** @var array<mixed>|null ids of the trainees of the class */
    private ?array $inClass = null;

    public function authorize(): bool
    {
        $evening = $this->route('evening');

        return $evening instanceof Evening
            ? Gate::authorize('update', $evening)->allowed()
            : Gate::authorize('viewAny', Evening::class)->allowed();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $classrooms = Classroom::taughtBy($this->user() ?? abort(401))->pluck('id')->all();
        $minute = ['integer:strict', 'min:0', 'max:1440'];

        return [
            'classroom' => ['required', 'integer:strict', Rule::in($classrooms)],
            'task' => ['required', 'integer:strict', $this->isOwnExam(...)],
            'title' => ['required', 'string', 'max:200'],
            'startsAt' => ['present', 'nullable', 'date'],
            'base' => ['sometimes', 'integer:strict', 'min:0', 'max:1000000000'],
            'minutes' => ['required', 'integer:strict', 'min:1', 'max:480'],
            'changeover' => ['required', 'integer:strict', 'min:0', 'max:120'],
            'variants' => ['required', 'integer:strict', 'min:1', 'max:200'],
            'stations' => ['present', 'array', 'list', 'max:'.self::MOST_STATIONS],
            'stations.*.id' => ['required', 'string', 'max:16', 'regex:/^[A-Za-z][A-Za-z0-9-]*$/', 'distinct:strict'],
            'stations.*.label' => ['required', 'string', 'max:60'],
            'stations.*.x' => ['required', 'integer:strict', 'min:0', 'max:100'],
            'stations.*.y' => ['required', 'integer:strict', 'min:0', 'max:100'],
            'stations.*.surface' => ['required', 'in:screen,board'],
            'stations.*.nextTo' => ['present', 'array', 'list', 'max:'.self::MOST_STATIONS],
            'stations.*.nextTo.*' => ['string', 'in_array:stations.*.id'],
            'people' => ['present', 'array', 'list', 'max:'.self::MOST_PEOPLE],
            'people.*.trainee' => ['required', 'integer:strict', 'distinct:strict', $this->isInClass(...)],
            'people.*.extraPercent' => ['required', 'integer:strict', 'min:0', 'max:100'],
            'people.*.notBefore' => ['required', ...$minute],
            'retests' => ['present', 'array', 'list', 'max:'.self::MOST_PEOPLE],
            'retests.*' => ['integer:strict', 'distinct:strict', 'in_array:people.*.trainee'],
            'breaks' => ['present', 'array', 'list', 'max:10'],
            'breaks.*.from' => ['required', ...$minute],
            'breaks.*.to' => ['required', ...$minute, 'gt:breaks.*.from'],
            'fixed' => ['present', 'array', 'list', 'max:400'],
            'fixed.*.person' => ['required', 'string', 'max:20', $this->isAPerson(...)],
            'fixed.*.station' => ['required', 'string', 'in_array:stations.*.id'],
            'fixed.*.from' => ['required', ...$minute],
            'fixed.*.to' => ['required', ...$minute, 'gt:fixed.*.from'],
            'fixed.*.variant' => ['required', 'integer:strict', 'min:1', 'max:200'],
            'fixed.*.retest' => ['required', 'boolean:strict'],
        ];
    }

    public function classroom(): Classroom
    {
        return Classroom::query()->findOrFail($this->integer('classroom'));
    }

    public function task(): Task
    {
        return Task::query()->with(['boardFile', 'marking', 'instructor'])->findOrFail($this->integer('task'));
    }

    public function startsAt(): ?Carbon
    {
        return $this->filled('startsAt') ? Carbon::parse($this->string('startsAt')->value())->utc() : null;
    }

    /** @return array<string, mixed> as `Evening::$draft` keeps it */
    public function draft(): array
    {
        return collect((array) $this->validated())->except(['classroom', 'task', 'title', 'startsAt', 'base'])->all();
    }

    private function isOwnExam(string $field, mixed $value, Closure $fail): void
    {
        $task = is_int($value) ? Task::query()->find($value) : null;
        if ($task === null || $task->instructor_id !== $this->user()?->id) {
            $fail(__('messages.no-such-task'));
        } elseif ((json_decode($task->json)->mode ?? '') !== TaskMode::Exam->value) {
            $fail(__('messages.evening-needs-exam'));
        }
    }

    private function isInClass(string $field, mixed $value, Closure $fail): void
    {
        $this->inClass ??= Classroom::query()->find($this->integer('classroom'))?->trainees()->pluck('users.id')->all() ?? [];
        in_array($value, $this->inClass, true) || $fail(__('messages.not-in-class'));
    }

    private function isAPerson(string $field, mixed $value, Closure $fail): void
    {
        $people = array_column((array) $this->input('people', []), 'trainee');
        $ids = array_map(fn (mixed $id) => is_scalar($id) ? (string) $id : '', $people);
        in_array($value, $ids, true) || $fail(__('messages.not-in-class'));
    }
}
