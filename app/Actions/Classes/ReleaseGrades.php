<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Actions\Bench\ExamLock;
use App\Models\Assignment;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Shows a class its marks; not while anybody is still in the exam, who would see a neighbour's plan. */
final class ReleaseGrades
{
    public function execute(Assignment $assignment): void
    {
        DB::transaction(function () use ($assignment): void {
            // Writing first waits its turn, so that nobody begins in between.
            $assignment->touch();
            $attempts = $assignment->attempts()->with(['assignment.boardFile', 'trainee'])->get();
            $inIt = $attempts->filter(ExamLock::isOpen(...));
            if ($inIt->isNotEmpty()) {
                $names = $inIt->map(fn ($attempt) => $attempt->trainee->name)->implode(', ');
                throw ValidationException::withMessages(['assignment' => trans_choice(
                    'messages.still-in-exam',
                    $inIt->count(),
                    ['names' => $names],
                )]);
            }
            $assignment->update(['released_at' => $assignment->released_at ?? now()]);
        });
    }
}
