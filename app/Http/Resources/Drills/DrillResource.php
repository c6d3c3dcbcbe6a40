<?php

declare(strict_types=1);

namespace App\Http\Resources\Drills;

use App\Actions\Drills\DrillContent;
use App\Models\Drill;
use App\Shapes\DrillShape;
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
