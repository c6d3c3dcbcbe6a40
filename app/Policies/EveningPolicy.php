<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Evening;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** An evening is planned and run by whoever teaches its class. */
final class EveningPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isInstructor();
    }

    public function view(User $user, Evening $evening): Response
    {
        return $evening->classroom->isTaughtBy($user) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, Evening $evening): Response
    {
        return $this->view($user, $evening);
    }
}
