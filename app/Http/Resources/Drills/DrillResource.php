<?php

declare(strict_types=1);

namespace App\Http\Resources\Drills;

use App\Models\Drill;
use App\Queries\Drills\DrillContent;
use App\Shapes\Drills\DrillShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Drill $resource */
final class DrillResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return (new DrillShape($this->resource, app(DrillContent::class)))->json();
    }
}
