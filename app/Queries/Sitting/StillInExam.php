<?php

declare(strict_types=1);

namespace App\Queries\Sitting;

use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Services\ExamGate;

/** Refuses to show marks while anybody is still in the exam: they would see a neighbour's plan. */
final class StillInExam
{
    public static function refuse(Assignment $assignment): void
    {
        $attempts = $assignment->attempts()->with(['assignment.boardFile', 'trainee'])->get();
        $inIt = $attempts->filter(ExamGate::isOpen(...));
        if ($inIt->isNotEmpty()) {
            $names = $inIt->map(fn ($attempt) => $attempt->trainee->name)->implode(', ');
            throw WorkRefused::because(['assignment' => trans_choice(
                'messages.still-in-exam',
                $inIt->count(),
                ['names' => $names],
            )]);
        }
    }
}
