<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\User;
use App\Queries\Proving\Proving;
use App\Services\ExamGate;
use Illuminate\Auth\Access\Response;
use Zwindle\Exam\Task\ProvingNeed;
use Zwindle\Exam\Task\TaskKind;

final class AttemptPolicy
{
    /** To anybody else an attempt does not exist; to a trainee in an exam there is nothing but the exam. */
    public function view(User $user, Attempt $attempt): Response
    {
        if ($this->owns($user, $attempt)) {
            return ExamGate::isHeld($attempt) ? Response::deny(__('messages.exam-open')) : Response::allow();
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
            ! $this->hasVerdict($attempt) => Response::deny(__('messages.not-handed-in')),
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

    /** Supply and instruments are for whoever works on the board, where the task has testing; before an exam is begun nothing is shown. */
    public function prove(User $user, Attempt $attempt): Response
    {
        $mayWork = $this->work($user, $attempt);

        $isNothingThere = $attempt->isToBegin($user) || Proving::needOf($attempt) === ProvingNeed::None;

        return $mayWork->allowed() && $isNothingThere ? Response::denyAsNotFound() : $mayWork;
    }

    /** In an exam what was done stands, and where a fault is looked for: nothing is begun afresh. */
    public function beginProof(User $user, Attempt $attempt): Response
    {
        $mayProve = $this->prove($user, $attempt);

        return $mayProve->allowed() && ! $this->isAtWill($attempt)
            ? Response::deny(__('proving.stands'))
            : $mayProve;
    }

    /** Readings are sent before they are taken only where nothing is graded, and no fault is looked for. */
    public function readAhead(User $user, Attempt $attempt): Response
    {
        $mayProve = $this->prove($user, $attempt);

        return $mayProve->allowed() && ! $this->isAtWill($attempt)
            ? Response::denyAsNotFound()
            : $mayProve;
    }

    /** The sheet of whoever tests, and for the instructor once it is handed in. */
    public function viewProof(User $user, Attempt $attempt): Response
    {
        if ($this->owns($user, $attempt)) {
            return $this->prove($user, $attempt);
        }
        $mayObserve = $this->observe($user, $attempt);

        return $mayObserve->allowed() && $attempt->handed_in_at === null && $attempt->assignment->isExam()
            ? Response::deny(__('messages.not-handed-in'))
            : $mayObserve;
    }

    /** On paper it shows what it is worth: not before the mark is out. */
    public function printProof(User $user, Attempt $attempt): Response
    {
        $mayView = $this->viewProof($user, $attempt);

        return $mayView->allowed() && $this->owns($user, $attempt) && ! $attempt->isReleased()
            ? Response::deny(__('messages.not-released'))
            : $mayView;
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

    /** On a real board: whoever has wired it, while it is open to them, or teaches the class. */
    public function lookForFaults(User $user, Attempt $attempt): Response
    {
        $mayView = $this->view($user, $attempt);

        return $mayView->allowed() && (! $attempt->isOnWall() || $attempt->isToBegin($user)) ? Response::denyAsNotFound() : $mayView;
    }

    /** What may be wrong: not to whoever is marked for it, before the mark is out. */
    public function beToldFaults(User $user, Attempt $attempt): Response
    {
        $mayLook = $this->lookForFaults($user, $attempt);

        return $mayLook->allowed() && $this->owns($user, $attempt) && ! $attempt->isReleased() ? Response::denyAsNotFound() : $mayLook;
    }

    /** The clock and the hand-in of an exam are moved by whoever teaches the class; an own try has neither. */
    public function move(User $user, Attempt $attempt): Response
    {
        return $this->teaches($user, $attempt) && $attempt->assignment->isExam() ? Response::allow() : Response::denyAsNotFound();
    }

    /** Practice that is wired once more keeps what was said of the tries before; an exam that is open again shows nothing. */
    private function hasVerdict(Attempt $attempt): bool
    {
        return $attempt->handed_in_at !== null || ($attempt->judged_try > 0 && ! $attempt->assignment->isExam());
    }

    private function isAtWill(Attempt $attempt): bool
    {
        return ! $attempt->assignment->isGraded() && $attempt->assignment->kind() !== TaskKind::Fault;
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
