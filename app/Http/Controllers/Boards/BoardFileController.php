<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\AddBoardFile;
use App\Actions\Boards\RenameBoard;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\StoreBoardFileRequest;
use App\Http\Requests\Boards\UpdateBoardFileRequest;
use App\Http\Resources\Boards\BoardFileResource;
use App\Http\Resources\Boards\LibraryBoardResource;
use App\Models\BoardFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class BoardFileController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', BoardFile::class);

        $boards = BoardFile::libraryOf($request->user())->with('sharedWith')
            ->withCount(['assignments', 'frozen', 'tasks'])
            ->orderBy('id')->get();

        return LibraryBoardResource::collection($boards);
    }

    public function show(BoardFile $boardFile): LibraryBoardResource
    {
        $this->authorize('view', $boardFile);

        return LibraryBoardResource::make($boardFile->load('sharedWith')->loadCount(['assignments', 'frozen', 'tasks']));
    }

    public function store(StoreBoardFileRequest $request, AddBoardFile $add): JsonResponse
    {
        return BoardFileResource::make($add->execute($request->instructor(), $request->text()))->response()->setStatusCode(201);
    }

    public function update(UpdateBoardFileRequest $request, BoardFile $boardFile, RenameBoard $rename): BoardFileResource
    {
        $title = $request->title();
        $title === null || $rename->execute($boardFile, $title);
        $request->has('archived') && $boardFile->update(['archived_at' => $request->boolean('archived') ? now() : null]);

        return BoardFileResource::make($boardFile);
    }

    /** Nothing that was set, and no task, loses its board: those are archived. What is deleted can be brought back. */
    public function destroy(BoardFile $boardFile): Response
    {
        $this->authorize('delete', $boardFile);
        if ($boardFile->assignments()->exists() || $boardFile->frozen()->exists() || $boardFile->tasks()->exists()) {
            throw ValidationException::withMessages(['boardFile' => __('messages.board-in-use')]);
        }
        $boardFile->delete();

        return response()->noContent();
    }
}
