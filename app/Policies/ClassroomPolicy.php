<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A class is run by whoever teaches it; shared or taken back by the instructor whose own it is. */
final class ClassroomPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }

    public function update(User $user, Classroom $classroom): Response
    {
        return $classroom->isTaughtBy($user) ? Response::allow() : Response::denyAsNotFound();
    }

    public function share(User $user, Classroom $classroom): Response
    {
        return $user->isInstructor() && $classroom->instructor_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
