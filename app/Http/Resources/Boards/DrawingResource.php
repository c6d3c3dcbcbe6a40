<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Boards\CatalogueShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Catalogue\Practices\Practice;

/** @mixin \App\Models\BoardFile */
final class DrawingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'version' => $this->version,
            'board' => json_decode($this->json, flags: JSON_THROW_ON_ERROR),
            'catalogue' => CatalogueShape::of(Practice::from($this->practice))->version(),
        ];
    }
}
