<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Actions\Tasks\StoreTask;
use App\Actions\Tasks\UpdateTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\Tasks\StoreTaskRequest;
use App\Http\Requests\Tasks\UpdateTaskRequest;
use App\Http\Resources\Tasks\TaskResource;
use App\Models\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class TaskController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Task::class);

        return TaskResource::collection(Task::query()->where(
            'instructor_id',
            $request->user()?->id,
        )->with(['boardFile', 'marking'])->orderByDesc('id')->get());
    }

    public function store(StoreTaskRequest $request, StoreTask $keep): JsonResponse
    {
        $task = $keep->execute($request->instructor(), $request->boardFile(), $request->marking(), $request->task());

        return TaskResource::make($task)->response()->setStatusCode(201);
    }

    public function show(Task $task): TaskResource
    {
        $this->authorize('view', $task);

        return TaskResource::make($task);
    }

    public function update(UpdateTaskRequest $request, Task $task, UpdateTask $keep): TaskResource
    {
        return TaskResource::make($keep->execute($task, $request->base(), $request->boardFile(), $request->marking(), $request->task()));
    }
}
