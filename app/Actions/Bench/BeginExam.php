<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use App\Services\ExamGate;
use Illuminate\Support\Facades\DB;

/** Starts the clock of an exam and shows its board; a second beginning changes nothing. Practice starts with its first step. */
final class BeginExam
{
    /** Refuses, inside the transaction, if the trainee has another exam open or the marks of this one are out. */
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->assignment->isExam() && $attempt->handed_in_at === null) {
                ExamGate::refuse(ExamGate::begin($attempt), 'attempt');
            }
        });
    }
}
