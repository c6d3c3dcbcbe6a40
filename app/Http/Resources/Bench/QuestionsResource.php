<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Models\Attempt;
use App\Queries\Bench\AskQuestions;
use App\Shapes\Bench\BoardVisibility;
use App\Shapes\Bench\QuestionsShape;
use App\Wording\BriefLines;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\FaceCatalogue;
use Zwindle\Exam\Task\Question;
use Zwindle\Plan\Plan;

/**
 * The questions of an attempt as eyes get them, with what was answered so far.
 *
 * @mixin Attempt
 */
final class QuestionsResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $ask = new AskQuestions;
        $task = $this->resource->task() ?? abort(404);
        $plan = $ask->plan($this->resource) ?? abort(404);
        $questions = $ask->questions($this->resource, $plan)->of($task);
        $words = new QuestionsShape($plan);
        $seen = new BoardVisibility($this->resource, $request->user());
        $isToBegin = $seen->isToBegin();

        return [
            'id' => $this->id,
            'title' => $this->assignment->title(),
            'brief' => $task->brief,
            'positions' => BriefLines::of($task, $plan->wiring->board->practice),
            'mode' => $this->assignment->mode,
            'kind' => $task->kind->value,
            'isToBegin' => $isToBegin,
            'ends' => count($questions),
            'triesAllowed' => $task->tries,
            'state' => $this->resource->sittingState()->value,
            'minutes' => $this->resource->minutes(),
            'dueAt' => $this->dueAt()?->toIso8601ZuluString('millisecond'),
            'serverTime' => now()->toIso8601ZuluString('millisecond'),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'board' => $seen->beside($plan->wiring->board),
            'standing' => $seen->isStanding() ? WiringAsSteps::of($plan->wiring) : [],
            'bin' => $seen->hasBin() ? $this->bin($ask, $plan) : [],
            'questions' => array_map(fn (Question $question, int $i) => [
                'number' => $i + 1,
                ...$words->of($question),
                'answer' => array_values(array_filter(
                    array_map(fn (string $option) => array_search($option, $question->options, true), $this->answers[$question->id] ?? []),
                    is_int(...),
                )),
            ], $isToBegin ? [] : $questions, $isToBegin ? [] : array_keys($questions)),
        ];
    }

    /** @return list<array<string, mixed>> the parts of the bin as they look, without a name */
    private function bin(AskQuestions $ask, Plan $plan): array
    {
        return array_map(function (DeviceModel $model): array {
            $face = FaceCatalogue::of($model);

            return [
                'look' => $face->look, 'width' => $face->width, 'height' => $face->height, 'print' => $face->print,
                'landings' => array_map(fn ($landing) => [
                    'x' => $landing->x,
                    'y' => $landing->y,
                    'shape' => $landing->shape->value,
                    'finish' => $landing->finish,
                    'print' => $landing->print,
                    'holes' => $landing->holes,
                ], $face->landings),
            ];
        }, array_values($ask->questions($this->resource, $plan)->bin()->slots));
    }
}
