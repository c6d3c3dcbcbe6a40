<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Http\Resources\Boards\BoardFileResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\Assignment */
final class AssignmentResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'classroom' => $this->classroom->name ?? '',
            'board' => BoardFileResource::make($this->boardFile),
            'brief' => $this->resource->brief(),
            'kind' => $this->resource->kind()->value,
            'minutes' => $this->minutes,
            'task' => $this->task_json === null ? null : $this->resource->title(),
            'mode' => $this->mode,
            'releasedAt' => $this->released_at?->toIso8601ZuluString(),
            'setAt' => $this->created_at->toIso8601ZuluString(),
            'handedIn' => $this->countOf('handed_in_count', fn ($attempts) => $attempts->whereNotNull('handed_in_at')->count()),
            'seats' => $this->countOf('attempts_count', fn ($attempts) => $attempts->count()),
            'version' => $this->when($this->resource->relationLoaded('attempts'), fn () => $this->resource->versionTag()),
            'attempts' => $this->whenLoaded(
                'attempts',
                fn () => AttemptSummaryResource::collection($this->attempts->each(fn ($attempt) => $attempt->setRelation(
                    'assignment',
                    $this->resource,
                ))->sortBy('trainee.name')->values()),
            ),
        ];
    }

    /** @param  callable(\Illuminate\Support\Collection<int, \App\Models\Attempt>): int  $count  where the attempts are at hand */
    private function countOf(string $counted, callable $count): int
    {
        return $this->resource->relationLoaded('attempts') ? $count($this->attempts) : (int) $this->resource->getAttribute($counted);
    }
}
