<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AttackTask;
use App\Http\Requests\StoreTaskRequest;
use App\Http\Resources\TaskAttackResource;

final class TaskAttackController extends Controller
{
    public function store(StoreTaskRequest $request, AttackTask $attack): TaskAttackResource
    {
        return TaskAttackResource::make(['found' => $attack->execute($request->boardFile()->drawing(), $request->task(), $request->marking()->json)]);
    }
}
