<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\EndTrial;
use App\Actions\Bench\StartBoardTrial;
use App\Actions\Bench\StartSeatTrial;
use App\Actions\Bench\StartTaskTrial;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\StoreTryRequest;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class TryController extends Controller
{
    public function store(StoreTryRequest $request, StartBoardTrial $ofBoard, StartTaskTrial $ofTask, StartSeatTrial $ofSeat): JsonResponse
    {
        [$instructor, $mode, $task, $seat] = [$request->instructor(), $request->mode(), $request->task(), $request->seatOf()];
        $attempt = match (true) {
            $seat !== null => $ofSeat->execute($instructor, $seat, $mode),
            $task !== null => $ofTask->execute($instructor, $task, $request->seat(), $mode),
            default => $ofBoard->execute($instructor, $request->boardFile(), $mode, $request->isWired()),
        };

        return response()->json(['attempt' => $attempt->id, 'kind' => $attempt->assignment->kind()->value], 201);
    }

    public function destroy(Attempt $attempt, EndTrial $end): Response
    {
        $this->authorize('leave', $attempt);
        $end->execute($attempt);

        return response()->noContent();
    }
}
