<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Trainees are looked after by those who teach a class that they are in; instructors by themselves. */
final class UserPolicy
{
    /** Invites instructors, and lists them to share with. */
    public function create(User $user): bool
    {
        return $user->isInstructor();
    }

    public function update(User $user, User $trainee): Response
    {
        $isTaught = $user->isInstructor()
            && ! $trainee->isInstructor()
            && Classroom::taughtBy($user)->whereHas('trainees', fn ($trainees) => $trainees->whereKey($trainee->id))->exists();

        return $isTaught ? Response::allow() : Response::denyAsNotFound();
    }
}
