<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Photograph;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class PhotographPolicy
{
    /** Whoever took it takes it away, and an instructor. */
    public function delete(User $user, Photograph $photograph): Response
    {
        return $photograph->by === $user->id || $user->isInstructor() ? Response::allow() : Response::deny(__('messages.not-yours'));
    }
}
