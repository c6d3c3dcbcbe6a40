<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Drill;
use App\Models\User;
use App\Services\ExamGate;
use Illuminate\Auth\Access\Response;

final class DrillPolicy
{
    /** Everybody drills; a trainee in an exam has nothing but the exam. */
    public function create(User $user): Response
    {
        return ExamGate::holding($user) !== null ? Response::deny(__('messages.exam-open')) : Response::allow();
    }

    /** To anybody else a drill does not exist. */
    public function work(User $user, Drill $drill): Response
    {
        return $drill->user_id === $user->id ? $this->create($user) : Response::denyAsNotFound();
    }
}
