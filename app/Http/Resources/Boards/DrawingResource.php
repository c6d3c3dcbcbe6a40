<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Boards\WallPartsShape;
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
            'wallParts' => WallPartsShape::of($practice),
            'kinds' => WallPartsShape::kinds($practice),
            'cableTypes' => WallPartsShape::cables($practice),
            'colours' => WallPartsShape::colours($practice),
            'parts' => WallPartsShape::parts($practice),
            'faces' => WallPartsShape::faces($practice),
            'boxes' => WallPartsShape::boxes($practice),
            'editions' => WallPartsShape::editions($practice),
            'schemes' => WallPartsShape::schemes($practice),
        ];
    }
}
