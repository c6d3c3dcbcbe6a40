<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\DB;

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
        $isOwn = $file->instructor_id === null || $file->instructor_id === $user->id;
        // What was set with an earlier version is looked at by whoever teaches the class.
        $of = $file->frozen_of ?? $file->id;
        $isShared = fn () => DB::table('board_file_instructor')->where(['board_file_id' => $of, 'instructor_id' => $user->id])->exists();

        return $user->isInstructor() && ($isOwn || $isShared()) ? Response::allow() : Response::denyAsNotFound();
    }

    /** A board that every instructor has is not drawn on, but a copy of it; nor is an earlier version. */
    public function update(User $user, BoardFile $file): Response
    {
        $isOwn = $user->isInstructor() && $file->instructor_id === $user->id && $file->frozen_of === null;

        return $isOwn ? Response::allow() : Response::denyAsNotFound();
    }

    /** Taken out of the library, or back into it, by whose own it is. */
    public function delete(User $user, BoardFile $file): Response
    {
        return $this->update($user, $file);
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }
}
