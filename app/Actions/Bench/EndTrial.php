<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use Illuminate\Support\Facades\DB;

/** Takes an instructor's try of a board away again, with everything that was done in it. */
final class EndTrial
{
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            $attempt->update(['judgement_id' => null]);
            $attempt->judgements()->delete();
            $attempt->steps()->delete();
            $attempt->delete();
            $attempt->assignment->delete();
        });
    }
}
