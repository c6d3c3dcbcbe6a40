<?php

declare(strict_types=1);

namespace App\Http\Resources\Tasks;

use App\Http\Resources\Boards\BoardFileResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\Task */
final class TaskResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'version' => $this->version,
            'board' => BoardFileResource::make($this->boardFile),
            'marking' => $this->marking_id,
            'task' => json_decode($this->json, flags: JSON_THROW_ON_ERROR),
        ];
    }
}
