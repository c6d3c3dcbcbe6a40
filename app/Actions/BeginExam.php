<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use Illuminate\Support\Facades\DB;

/** Starts the clock of an exam and shows its board; a second beginning changes nothing. Practice starts with its first step. */
final class BeginExam
{
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->assignment->isExam() && $attempt->handed_in_at === null) {
                $attempt->update(['started_at' => $attempt->started_at ?? now()]);
            }
        });
    }
}
