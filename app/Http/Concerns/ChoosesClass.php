<?php

declare(strict_types=1);

namespace App\Http\Concerns;

use App\Models\Classroom;
use Illuminate\Validation\Rule;

/** A request that sets something to trainees of one of the instructor's classes. */
trait ChoosesClass
{
    public function classroom(): Classroom
    {
        return Classroom::query()->findOrFail($this->integer('classroom'));
    }

    /** @return list<int> */
    public function trainees(): array
    {
        return array_values(array_map(intval(...), (array) $this->validated('trainees')));
    }

    /** @return array<string, list<mixed>> */
    private function classRules(): array
    {
        return [
            'classroom' => ['required', 'integer:strict', Rule::in($this->classesTaught())],
            'trainees' => ['required', 'array', 'min:1', 'max:200'],
            'trainees.*' => [
                'integer:strict',
                'distinct',
                Rule::exists('classroom_trainee', 'trainee_id')->where('classroom_id', $this->integer('classroom'))->whereNull('left_at'),
            ],
        ];
    }

    /** @return list<int> */
    private function classesTaught(): array
    {
        $user = $this->user() ?? abort(401);

        return array_values(array_map(intval(...), Classroom::taughtBy($user)->whereNull('archived_at')->pluck('id')->all()));
    }

    /** @return array<string, string> */
    private function classMessages(): array
    {
        return ['classroom.*' => __('messages.not-your-class'), 'trainees.*' => __('messages.not-in-class')];
    }
}
