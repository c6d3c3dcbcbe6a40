<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Query\Builder;
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
        return $this->isIn($user, $trainee) ? Response::allow() : Response::denyAsNotFound();
    }

    /** Who has left a class can be taken back by whoever teaches it, and nothing else be done with them. */
    public function takeBack(User $user, User $trainee): Response
    {
        return $this->isIn($user, $trainee, orWasIn: true) ? Response::allow() : Response::denyAsNotFound();
    }

    /** An erased person is nobody any more: no code opens anything for them. */
    public function giveCode(User $user, User $trainee): Response
    {
        return $trainee->isErased() ? Response::denyAsNotFound() : $this->update($user, $trainee);
    }

    private function isIn(User $user, User $trainee, bool $orWasIn = false): bool
    {
        return $user->isInstructor()
            && ! $trainee->isInstructor()
            && DB::table('classroom_trainee')->where('trainee_id', $trainee->id)
                ->when(! $orWasIn, fn (Builder $in) => $in->whereNull('left_at'))
                ->whereIn('classroom_id', Classroom::taughtBy($user)->pluck('id'))->exists();
    }
}
