<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Http\Response;

/** A board that another instructor has in their library too: to look at, to set and to copy. */
final class SharedBoardController extends Controller
{
    public function update(BoardFile $boardFile, User $instructor): Response
    {
        $this->authorize('update', $boardFile);
        abort_unless($instructor->isInstructor() && $instructor->id !== $boardFile->instructor_id, 404);
        $boardFile->sharedWith()->syncWithoutDetaching([$instructor->id]);

        return response()->noContent();
    }

    public function destroy(BoardFile $boardFile, User $instructor): Response
    {
        $this->authorize('update', $boardFile);
        $boardFile->sharedWith()->detach($instructor->id);

        return response()->noContent();
    }
}
