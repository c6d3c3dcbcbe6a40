<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Controllers\Controller;
use App\Http\Requests\Tasks\TryTaskRequest;
use App\Http\Resources\Tasks\TaskTrialResource;
use App\Models\AsFoundSheet;
use App\Queries\Tasks\TryTask;

final class TaskTrialController extends Controller
{
    public function store(TryTaskRequest $request, TryTask $try): TaskTrialResource
    {
        $file = $request->boardFile();
        $board = $file->drawing();
        $sheet = AsFoundSheet::of($file, $request->user() ?? abort(401));

        return TaskTrialResource::make([
            'board' => $board,
            ...$try->execute($board, $request->task(), $request->marking()->json, $request->seats(), $request->rowLength(), $sheet),
        ]);
    }
}
