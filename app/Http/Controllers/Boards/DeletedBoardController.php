<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Resources\Boards\BoardFileResource;
use App\Models\BoardFile;

final class DeletedBoardController extends Controller
{
    /** Back into the library; again, nothing changes. */
    public function update(int $deleted): BoardFileResource
    {
        $file = BoardFile::withTrashed()->findOrFail($deleted);
        $this->authorize('delete', $file);
        $file->restore();

        return BoardFileResource::make($file);
    }
}
