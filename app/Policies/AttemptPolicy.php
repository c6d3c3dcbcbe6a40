<?php

declare(strict_types=1);

namespace App\Policies;

use App\Actions\Bench\ExamLock;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AttemptPolicy
{
    /** To anybody else an attempt does not exist; to a trainee in an exam there is nothing but the exam. */
    public function view(User $user, Attempt $attempt): Response
    {
        if ($this->owns($user, $attempt)) {
            return ExamLock::isHeld($attempt) ? Response::deny(__('messages.exam-open')) : Response::allow();
        }

        return $this->teaches($user, $attempt) ? Response::allow() : Response::denyAsNotFound();
    }

    /** An instructor's own try of a board, to be left or taken away as a file. */
    public function leave(User $user, Attempt $attempt): Response
    {
        return $this->owns($user, $attempt) && $attempt->assignment->isTrial() ? Response::allow() : Response::denyAsNotFound();
    }

    public function work(User $user, Attempt $attempt): Response
    {
        return $this->owns($user, $attempt) ? $this->view($user, $attempt) : Response::denyAsNotFound();
    }

    /**
     * No verdict before handing in, to nobody: what the instructor sees may be on the projector. Of an exam none to the trainee
     * before it is released.
     */
    public function judge(User $user, Attempt $attempt): Response
    {
        $mayView = $this->view($user, $attempt);

        return match (true) {
            $mayView->denied() => $mayView,
            $attempt->handed_in_at === null => Response::deny(__('messages.not-handed-in')),
            $this->owns($user, $attempt)
                && ! $attempt->isReleased() => Response::deny(__('messages.not-released')),
            default => $mayView,
        };
    }

    /** Help is for a coached task that is under way. */
    public function beHelped(User $user, Attempt $attempt): Response
    {
        $isCoached = $attempt->assignment->task_json !== null && ! $attempt->assignment->isExam() && $attempt->handed_in_at === null;

        return $this->owns($user, $attempt) && $isCoached ? $this->view($user, $attempt) : Response::denyAsNotFound();
    }

    /** What the eye says of a board is the instructor's to write down. */
    public function observe(User $user, Attempt $attempt): Response
    {
        return $this->teaches($user, $attempt) ? Response::allow() : Response::denyAsNotFound();
    }

    /** What was handed in is judged again only by whoever teaches the class. */
    public function reMark(User $user, Attempt $attempt): Response
    {
        $mayObserve = $this->observe($user, $attempt);

        return $mayObserve->allowed() && $attempt->handed_in_at === null ? Response::deny(__('messages.not-handed-in')) : $mayObserve;
    }

    /** The clock and the hand-in of an exam are moved by whoever teaches the class; an own try has neither. */
    public function move(User $user, Attempt $attempt): Response
    {
        return $this->teaches($user, $attempt) && $attempt->assignment->isExam() ? Response::allow() : Response::denyAsNotFound();
    }

    private function owns(User $user, Attempt $attempt): bool
    {
        return $attempt->trainee_id === $user->id;
    }

    private function teaches(User $user, Attempt $attempt): bool
    {
        return $attempt->assignment->classroom?->isTaughtBy($user) === true;
    }
}
