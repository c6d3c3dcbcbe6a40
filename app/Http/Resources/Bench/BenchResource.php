<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\People\UserResource;
use App\Models\KeptStep;
use App\Models\Proof;
use App\Queries\Proving\Proving;
use App\Shapes\Bench\BoardVisibility;
use App\Shapes\Bench\TriesShape;
use App\Wording\BriefLines;
use App\Wording\Region;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Exam\Task\ProvingNeed;
use Zwindle\Exam\Task\TaskKind;

/**
 * The bench as a trainee sees it, and the steps made on it.
 *
 * @mixin \App\Models\Attempt
 */
final class BenchResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $board = $this->resource->board();
        $task = $this->resource->task();
        $seen = new BoardVisibility($this->resource, $request->user());
        $isToBegin = $seen->isToBegin();
        $hunt = $task?->kind === TaskKind::Fault ? Proving::of($this->resource)->hunt : null;
        $shown = $hunt === null
            ? ['board' => $seen->bench($board), 'start' => $isToBegin ? [] : $this->start_json ?? []]
            : $seen->opened($hunt);

        return [
            'id' => $this->id,
            'title' => $task === null ? $board->title : $task->title,
            'kind' => $task?->kind->value,
            'mode' => $this->assignment->mode,
            'seat' => $this->seat,
            'hasHelp' => $task !== null && ! $this->assignment->isExam() && $task->help !== [],
            'mayLookForFaults' => $request->user()?->can('lookForFaults', $this->resource) ?? false,
            'mayProve' => ! $isToBegin && Proving::needOf($this->resource) !== ProvingNeed::None,
            'isSupplyOn' => ! $isToBegin && $this->isSupplyOn(),
            'positions' => $task === null ? [] : BriefLines::of($task, $board->practice),
            'isReleased' => $this->resource->isReleased(),
            'state' => $this->resource->sittingState()->value,
            'isToBegin' => $isToBegin,
            'triesLeft' => $task === null || $this->finished_at !== null ? 0 : $this->resource->triesLeft(),
            'placed' => $this->placed ?? 0,
            'ends' => $this->ends ?? 0,
            'triesAllowed' => $task?->tries,
            'isTimeUp' => $this->is_time_up,
            'mayWireAgain' => $this->resource->mayBeWiredAgain(),
            'tries' => TriesShape::of($this->resource, $request->user()),
            'isTrial' => $this->assignment->isTrial(),
            'boardFile' => $this->assignment->isTrial() ? $this->assignment->board_file_id : null,
            'practice' => $board->practice->id,
            'brief' => $task === null ? $this->assignment->boardFile->brief : $task->brief,
            'trainee' => UserResource::make($this->trainee),
            'isMine' => $this->trainee_id === $request->user()?->id,
            'minutes' => $this->resource->minutes(),
            'startedAt' => $this->started_at?->toIso8601ZuluString(),
            'dueAt' => $this->dueAt()?->toIso8601ZuluString('millisecond'),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'caution' => __('verdict.paper-caution', [], Region::of($board->practice)),
            'serverTime' => now()->toIso8601ZuluString('millisecond'),
            'head' => $this->head,
            'board' => $shown['board'],
            'start' => $shown['start'],
            'steps' => $this->steps->whereNull('set_aside')->where('sequence', '>', $this->bare_from)->map(fn (KeptStep $step) => [
                'sequence' => $step->sequence, 'device' => $step->device, 'number' => $step->number, 'step' => $step->json,
            ])->values(),
            'setAside' => $this->steps->whereNotNull('set_aside')->map(fn (KeptStep $step) => [
                'device' => $step->device, 'number' => $step->number, 'reason' => $step->set_aside,
                'madeAt' => $step->made_at->toIso8601ZuluString('millisecond'),
                'receivedAt' => $step->received_at->toIso8601ZuluString('millisecond'),
            ])->values(),
        ];
    }

    /** Whether somebody who tested left it on: no hand goes into a box then. */
    private function isSupplyOn(): bool
    {
        $proof = Proof::query();
        $proof->where('attempt_id', $this->id)->whereNull('ended_at');

        return $proof->first()?->asCore()->supply->feedsLine() ?? false;
    }
}
