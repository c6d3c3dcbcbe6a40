<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\Evening */
final class EveningResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'classroom' => $this->classroom_id,
            'classroomName' => $this->classroom->name,
            'task' => $this->task_id,
            'assignment' => $this->assignment_id,
            'retestAssignment' => $this->retest_assignment_id,
            'title' => $this->title,
            'startsAt' => $this->starts_at?->toIso8601ZuluString(),
            'version' => $this->version,
            'draft' => $this->draft,
            'plan' => $this->plan,
            'isOver' => $this->resource->isOver(),
        ];
    }
}
