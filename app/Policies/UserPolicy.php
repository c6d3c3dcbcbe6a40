<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\DB;

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
        // Who has left a class can be taken back by whoever teaches it.
        $isTaught = $user->isInstructor()
            && ! $trainee->isInstructor()
            && DB::table('classroom_trainee')->where('trainee_id', $trainee->id)
                ->whereIn('classroom_id', Classroom::taughtBy($user)->pluck('id'))->exists();

        return $isTaught ? Response::allow() : Response::denyAsNotFound();
    }
}
