<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Hangings;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Catalogue\Practices\Practice;

/** @mixin \App\Models\BoardFile */
final class DrawingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $practice = Practice::from($this->practice);

        return [
            'id' => $this->id,
            'version' => $this->version,
            'board' => json_decode($this->json, flags: JSON_THROW_ON_ERROR),
            'hangings' => Hangings::of($practice),
            'kinds' => Hangings::kinds($practice),
            'cableTypes' => Hangings::cables($practice),
            'colours' => Hangings::colours($practice),
            'parts' => Hangings::parts($practice),
            'faces' => Hangings::faces($practice),
            'boxes' => Hangings::boxes($practice),
            'editions' => Hangings::editions($practice),
            'schemes' => Hangings::schemes($practice),
        ];
    }
}
