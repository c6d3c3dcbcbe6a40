<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Support\Facades\DB;

/** Settles a difference that an upgrade listed: the judgement of the hand-in stays. */
final class LetJudgementStand
{
    /** Decides a difference that an upgrade listed: what stood at the hand-in goes on standing. */
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            Judgement::query()->where('id', $attempt->judgement_id)->update(['stood' => null]);
            $attempt->touch();
        });
    }
}
