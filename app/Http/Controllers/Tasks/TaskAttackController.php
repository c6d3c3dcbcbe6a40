<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Controllers\Controller;
use App\Http\Requests\Tasks\StoreTaskRequest;
use App\Http\Resources\Tasks\TaskAttackResource;
use App\Queries\Tasks\AttackTask;

final class TaskAttackController extends Controller
{
    public function store(StoreTaskRequest $request, AttackTask $attack): TaskAttackResource
    {
        return TaskAttackResource::make(['found' => $attack->execute(
            $request->boardFile()->drawing(),
            $request->task(),
            $request->marking()->json,
        )]);
    }
}
