<?php

declare(strict_types=1);

namespace App\Actions\Proving;

use App\Actions\Sitting\KeepLateAct;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Queries\Proving\OpenToTesting;
use App\Queries\Proving\Proving;
use App\Queries\Proving\ShownProof;
use App\Services\ExamGate;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/**
 * One thing done at a board under test: done once, however often it is sent, and kept with what came of it.
 *
 * @phpstan-import-type SentAct from DoActNow
 */
final readonly class DoAct
{
    public function __construct(private DoActNow $now)
    {
    }

    /**
     * Refuses once it is handed in for a mark, late or paused; and where the task has no testing.
     *
     * @param  string  $key  of the device and its count
     * @param  SentAct  $act  places as the bench names them
     * @param  CarbonInterface|null  $madeAt  by the clock of the device: made before the end and come after it, it waits for the instructor
     */
    public function execute(Attempt $attempt, string $key, array $act, ?CarbonInterface $madeAt = null): ShownProof
    {
        return DB::transaction(function () use ($attempt, $key, $act, $madeAt): ShownProof {
            $attempt->claim();
            OpenToTesting::checkTask($attempt);
            $refusal = ExamGate::refusalOfTesting($attempt);
            if (KeepLateAct::execute($attempt, $refusal, LateAct::ACT, $key, $act, $madeAt)) {
                $proving = Proving::of($attempt);

                return ShownProof::of($proving, $proving->hands()->look($proving->state()));
            }
            ExamGate::refuse($refusal, 'act');

            return $this->now->execute($attempt, $key, $act);
        });
    }
}
