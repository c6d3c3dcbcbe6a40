<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** The library is the instructors': a trainee must not see a board before it is set. */
final class BoardFilePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    /** Boards, and what the planner makes of them, are for instructors: to anybody else they do not exist. */
    public function view(User $user, BoardFile $file): Response
    {
        $isShared = $file->instructor_id === null || $file->instructor_id === $user->id;

        return $user->isInstructor() && $isShared ? Response::allow() : Response::denyAsNotFound();
    }

    /** A board that every instructor has is not drawn on, but a copy of it; nor is an earlier version. */
    public function update(User $user, BoardFile $file): Response
    {
        $isOwn = $user->isInstructor() && $file->instructor_id === $user->id && $file->frozen_of === null;

        return $isOwn ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }
}
