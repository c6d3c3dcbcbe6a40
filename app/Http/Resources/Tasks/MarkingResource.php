<?php

declare(strict_types=1);

namespace App\Http\Resources\Tasks;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin \App\Models\Marking */
final class MarkingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'version' => $this->version,
            'isMine' => $this->instructor_id !== null,
            'marking' => json_decode($this->json, flags: JSON_THROW_ON_ERROR),
        ];
    }
}
