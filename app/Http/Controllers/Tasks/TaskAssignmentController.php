<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Actions\Tasks\SetTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\Tasks\SetTaskRequest;
use App\Http\Resources\Classes\AssignmentResource;
use App\Models\Task;
use Illuminate\Http\JsonResponse;

final class TaskAssignmentController extends Controller
{
    public function store(SetTaskRequest $request, Task $task, SetTask $set): JsonResponse
    {
        $assignment = $set->execute($task, $request->classroom(), $request->trainees(), $request->rowLength(), $request->isTwice());

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']))->response()->setStatusCode(201);
    }
}
