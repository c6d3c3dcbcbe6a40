<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Models\BoardFile;
use App\Shapes\AsFoundShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Wiring\AsFoundSheet;

/** @property array{file: BoardFile, sheet: AsFoundSheet} $resource */
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
