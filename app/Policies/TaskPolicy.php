<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Task;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Tasks are each instructor's own; to anybody else they do not exist. */
final class TaskPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }

    public function view(User $user, Task $task): Response
    {
        return $user->isInstructor() && $task->instructor_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Task $task): Response
    {
        return $this->view($user, $task);
    }
}
