<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use Illuminate\Support\Facades\DB;

/** A trainee takes no further try at an exam that is handed in: the trainee's other work opens again. */
final class FinishExam
{
    /** Refuses if it is not handed in. */
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->handed_in_at === null) {
                throw WorkRefused::because(['attempt' => __('messages.not-handed-in')]);
            }
            $attempt->update(['finished_at' => $attempt->finished_at ?? now()]);
        });
    }
}
