<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Http\Resources\People\UserResource;
use App\Shapes\Boards\SketchShape;
use App\Wording\Region;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Catalogue\Practices\Practice;

/** @mixin \App\Models\BoardFile */
final class LibraryBoardResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $counts = ['assignments_count', 'frozen_count', 'tasks_count'];

        return [
            ...BoardFileResource::make($this->resource)->resolve($request),
            'scheme' => ($this->scheme ?? '') === ''
                ? $this->scheme
                : __("parts.scheme.$this->scheme", [], self::localeOf(Practice::find($this->practice))),
            'changedAt' => $this->updated_at->toIso8601ZuluString(),
            'archived' => $this->archived_at !== null,
            'isInUse' => array_sum(array_map(fn (string $count) => (int) $this->resource->getAttribute($count), $counts)) > 0,
            'sharedWith' => UserResource::collection($this->sharedWith),
            'sketch' => SketchShape::of($this->json),
        ];
    }

    /** A board of a practice that is not kept any more is named as every region would. */
    private static function localeOf(?Practice $practice): ?string
    {
        return $practice === null ? null : Region::of($practice);
    }
}
