<?php

declare(strict_types=1);

namespace App\Http\Resources\Classes;

use App\Http\Resources\People\TraineeResource;
use App\Http\Resources\People\UserResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\Classroom */
final class ClassroomResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'isMine' => $this->instructor_id === $request->user()?->id,
            'archived' => $this->archived_at !== null,
            'endsOn' => $this->ends_on?->format('Y-m-d'),
            'sharedWith' => UserResource::collection($this->sharedWith),
            'trainees' => TraineeResource::collection($this->trainees),
        ];
    }
}
