<?php

declare(strict_types=1);

namespace App\Actions\Proving;

use App\Models\Attempt;
use App\Models\Proof;
use App\Queries\Proving\OpenToTesting;
use App\Queries\Proving\Proving;
use App\Queries\Proving\ShownProof;
use Illuminate\Support\Facades\DB;

/** The bench is cleared and the board stands as nobody had touched it. What was done before is kept and counts no more. */
final class BeginProof
{
    /** @param  bool  $isOn  whether the supply is on at first: to be isolated, rather than to be switched on */
    public function execute(Attempt $attempt, bool $isOn): ShownProof
    {
        return DB::transaction(function () use ($attempt, $isOn): ShownProof {
            $attempt->claim();
            OpenToTesting::check($attempt);
            $proving = Proving::of($attempt);
            $proving->kept?->update(['ended_at' => now()]);
            $hands = $proving->hands();
            $fresh = $hands->settled($proving->fresh($isOn));
            $proving->kept = Proof::query()->create(['attempt_id' => $attempt->id, 'state' => $fresh->toKeep()]);

            return ShownProof::of($proving, $hands->look($fresh));
        });
    }
}
