<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TryTask;
use App\Http\Requests\TryTaskRequest;
use App\Http\Resources\TaskTrialResource;

final class TaskTrialController extends Controller
{
    public function store(TryTaskRequest $request, TryTask $try): TaskTrialResource
    {
        $board = $request->boardFile()->drawing();

        return TaskTrialResource::make(['board' => $board, ...$try->execute($board, $request->task(), $request->marking()->json, $request->seats(), $request->rowLength())]);
    }
}
