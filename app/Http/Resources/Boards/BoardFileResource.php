<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\BoardFile */
final class BoardFileResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'practice' => $this->practice,
            'brief' => $this->brief,
            'isMine' => $this->instructor_id !== null && $this->instructor_id === $request->user()?->id,
        ];
    }
}
