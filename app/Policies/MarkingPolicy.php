<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Marking;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** The house's markings are every instructor's to use; one's own are one's own to change. */
final class MarkingPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }

    public function view(User $user, Marking $marking): Response
    {
        $isShared = $marking->instructor_id === null || $marking->instructor_id === $user->id;

        return $user->isInstructor() && $isShared ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Marking $marking): Response
    {
        return $user->isInstructor() && $marking->instructor_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
