<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** The library is the instructors': a trainee must not see a board before it is set. */
final class BoardFilePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }
}
