<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\JudgeAttempt;
use App\Models\Step;
use App\Wording\DebriefWords;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Plan\StepOrder;

/**
 * What is talked over after an exam: the real mistakes, one's order of work beside a recognised one, three questions.
 *
 * @mixin \App\Models\Attempt
 */
final class DebriefResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $task = $this->resource->task();
        if ($task !== null && ! $task->kind->isWired()) {
            return ['mistakes' => [], 'order' => null, 'questions' => []];
        }
        $result = app(JudgeAttempt::class)->execute($this->resource);
        $words = new DebriefWords($result);
        $steps = array_values($this->appliedSteps->map(fn (Step $step) => $step->parsed())->all());

        return [
            'mistakes' => $words->mistakes(),
            'order' => $words->order($steps, $task->order ?? StepOrder::BoxByBox),
            'questions' => $words->questions("{$task?->seed}/debrief/$this->id"),
        ];
    }
}
