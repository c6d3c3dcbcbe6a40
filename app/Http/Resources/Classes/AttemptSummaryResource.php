<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Http\Resources\Boards\BoardFileResource;
use App\Http\Resources\People\UserResource;
use App\Models\Attempt;
use App\Queries\Bench\CountProgress;
use App\Shapes\Bench\BoardVisibility;
use App\Shapes\Bench\TriesShape;
use App\Shapes\Boards\SketchShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Level;

/**
 * One trainee's progress: a verdict only once it is handed in.
 *
 * @mixin Attempt
 */
final class AttemptSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $isMine = $this->trainee_id === $request->user()?->id;
        $isClosed = $this->resource->relationLoaded('holding') && $this->resource->getRelation('holding') instanceof Attempt
            && ! $this->resource->getRelation('holding')->is($this->resource);
        $isSilent = $isClosed || ($isMine && ! $this->resource->isReleased());
        $tries = $isClosed || ! $this->resource->relationLoaded('judgements') ? [] : TriesShape::of($this->resource, $request->user());

        return [
            'id' => $this->id,
            'seat' => $this->seat,
            'kind' => $this->assignment->kind()->value,
            'mode' => $this->assignment->mode,
            'isReleased' => $this->resource->isReleased(),
            'state' => $this->resource->sittingState()->value,
            'trainee' => UserResource::make($this->whenLoaded('trainee')),
            'board' => [
                ...((new BoardVisibility($this->resource, $request->user()))->mayKnowFile()
                    ? BoardFileResource::make($this->assignment->boardFile)->resolve($request)
                    : ['practice' => $this->assignment->boardFile->practice]),
                'title' => $this->assignment->title(),
                'brief' => $this->assignment->brief(),
            ],
            'level' => $this->level(),
            'minutes' => $this->resource->minutes(),
            'startedAt' => $this->started_at?->toIso8601ZuluString(),
            'dueAt' => $this->dueAt()?->toIso8601ZuluString('millisecond'),
            'handedInAt' => $this->handed_in_at?->toIso8601ZuluString(),
            'isTimeUp' => $this->is_time_up,
            'steps' => $this->head,
            'verdict' => $isSilent ? null : $this->verdict,
            'headline' => match (true) {
                $isClosed => null,
                $isSilent => __('messages.not-released'),
                default => $this->headline ?? ($this->handed_in_at === null ? null : __('messages.being-judged')),
            },
            'closed' => $isClosed ? __('messages.exam-open') : null,
            'tries' => $tries,
            'mark' => self::mark($tries),
            ...$this->ends === null ? app(CountProgress::class)->of($this->resource) : ['placed' => $this->placed, 'ends' => $this->ends],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $tries
     * @return array{got: float, total: int, passes: bool}|null of the try that counts; null where nothing is marked, or it may not be shown
     */
    private static function mark(array $tries): ?array
    {
        foreach ($tries as $try) {
            if ($try['counts'] && $try['got'] !== null) {
                return ['got' => $try['got'], 'total' => $try['total'], 'passes' => $try['passes']];
            }
        }

        return null;
    }

    /** Of an exam none: what is on it is not shown before it begins. */
    private function level(): ?int
    {
        if ($this->assignment->isExam()) {
            return null;
        }
        $boxes = SketchShape::of($this->assignment->boardFile->json)['boxes'];

        return Level::ofParts(array_merge(...array_column($boxes, 'holds')))->value;
    }
}
