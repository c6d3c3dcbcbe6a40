<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AttemptPolicy
{
    /** To anybody else an attempt does not exist. */
    public function view(User $user, Attempt $attempt): Response
    {
        return $this->owns($user, $attempt) || $this->teaches($user, $attempt) ? Response::allow() : Response::denyAsNotFound();
    }

    public function work(User $user, Attempt $attempt): Response
    {
        return $this->owns($user, $attempt) ? Response::allow() : Response::denyAsNotFound();
    }

    /** No verdict before handing in, to nobody: what the instructor sees may be on the projector. */
    public function judge(User $user, Attempt $attempt): Response
    {
        $mayView = $this->view($user, $attempt);

        return $mayView->allowed() && $attempt->handed_in_at === null
            ? Response::deny(__('messages.not-handed-in'))
            : $mayView;
    }

    private function owns(User $user, Attempt $attempt): bool
    {
        return $attempt->trainee_id === $user->id;
    }

    private function teaches(User $user, Attempt $attempt): bool
    {
        return $user->isInstructor() && $attempt->assignment->classroom->instructor_id === $user->id;
    }
}
