<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Models\BoardFile;
use App\Shapes\Boards\AsFoundShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Wiring\AsFound;

/** @property array{file: BoardFile, sheet: AsFound} $resource */
final class AsFoundResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['file' => $file, 'sheet' => $sheet] = $this->resource;
        $words = new AsFoundShape($file->board());

        return [
            'title' => $file->title,
            'practice' => $file->board()->practice->id,
            'boxes' => $words->boxes($sheet),
            'marks' => $words->marks(),
        ];
    }
}
