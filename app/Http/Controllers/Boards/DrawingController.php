<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\CopyBoard;
use App\Actions\Boards\KeepDrawing;
use App\Actions\Boards\StartBareDrawing;
use App\Actions\Boards\StartFromPattern;
use App\Exceptions\DrawingMovedOn;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\StoreDrawingRequest;
use App\Http\Requests\Boards\UpdateDrawingRequest;
use App\Http\Resources\Boards\DrawingResource;
use App\Models\BoardFile;
use Illuminate\Http\JsonResponse;

final class DrawingController extends Controller
{
    public function store(
        StoreDrawingRequest $request,
        StartBareDrawing $bare,
        StartFromPattern $fromPattern,
        CopyBoard $copy,
    ): JsonResponse {
        [$instructor, $original, $pattern] = [$request->instructor(), $request->original(), $request->pattern()];
        $file = match (true) {
            $original !== null => $copy->execute($instructor, $original),
            $pattern !== null => $fromPattern->execute($instructor, $pattern),
            default => $bare->execute($instructor, $request->practice()),
        };

        return DrawingResource::make($file)->response()->setStatusCode(201);
    }

    public function show(BoardFile $boardFile): DrawingResource
    {
        $this->authorize('update', $boardFile);

        return DrawingResource::make($boardFile);
    }

    public function update(UpdateDrawingRequest $request, BoardFile $boardFile, KeepDrawing $keep): JsonResponse
    {
        try {
            $kept = $keep->execute($boardFile, $request->base(), $request->title(), $request->practice(), $request->board());

            return response()->json(['version' => $kept->version]);
        } catch (DrawingMovedOn $conflict) {
            return response()->json(['message' => $conflict->getMessage(), 'theirs' => DrawingResource::make($boardFile->refresh())], 409);
        }
    }
}
