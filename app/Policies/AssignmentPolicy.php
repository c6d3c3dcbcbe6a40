<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Assignment;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AssignmentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function view(User $user, Assignment $assignment): Response
    {
        return $assignment->classroom?->isTaughtBy($user) === true ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): bool
    {
        return $user->isInstructor();
    }

    /** The door and the clocks of an exam are moved by whoever teaches the class. */
    public function move(User $user, Assignment $assignment): Response
    {
        $mayView = $this->view($user, $assignment);

        return $mayView->allowed() && ! $assignment->isExam() ? Response::denyAsNotFound() : $mayView;
    }

    /** Marks are released by whoever teaches the class. */
    public function update(User $user, Assignment $assignment): Response
    {
        return $this->view($user, $assignment);
    }
}
