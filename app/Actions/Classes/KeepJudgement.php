<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Judgement;
use App\Models\Proof;
use App\Queries\Classes\CountingJudgement;
use Illuminate\Support\Facades\DB;
use Zwindle\Check\EngineVersion;

/**
 * Judges a handed-in attempt once and keeps what came out: pages read it, and no later version of the rules changes it.
 *
 * The judging is done outside the transaction: nobody's step waits for it. An attempt that cannot be judged is kept as such, with
 * the fault logged and the files put aside that reproduce it.
 */
final readonly class KeepJudgement
{
    public function __construct(private WorkOutJudgement $work)
    {
    }

    /**
     * @param  Judgement|null  $again  the judgement of a try that is judged once more; null: the try that was handed in last
     * @return Judgement|null null if it was opened again meanwhile
     */
    public function execute(Attempt $attempt, JudgedAt $origin, ?Judgement $again = null): ?Judgement
    {
        $then = $again === null ? $attempt : $attempt->asOf($again);
        $try = $then->tries;
        $judged = $this->work->execute($then);
        $snapshot = $then->only(['bare_from', 'head', 'answers', 'handed_in_at']);

        return DB::transaction(function () use ($attempt, $origin, $again, $try, $judged, $snapshot): ?Judgement {
            $attempt->claim();
            if ($attempt->handed_in_at === null || ($again === null ? $attempt->tries !== $try : $attempt->judged_try < $try)) {
                return null;
            }
            $attempt->loadMissing('judgement');
            if ($attempt->judgement !== null && $attempt->judged_try >= $try && $origin !== JudgedAt::ReGrade) {
                return $attempt->judgement;
            }
            $stands = $origin === JudgedAt::Upgrade && $attempt->verdict !== null
                ? ['verdict' => $attempt->verdict, 'headline' => (string) $attempt->headline]
                : null;
            $judgement = Judgement::query()->create([
                'attempt_id' => $attempt->id,
                'try' => $try,
                'origin' => $origin,
                'rules' => EngineVersion::RULES,
                'engine' => EngineVersion::ENGINE,
                ...$judged,
                ...$snapshot,
                'proof_id' => $again->proof_id ?? self::proofOf($attempt),
                'stood' => $stands !== null && $judged['verdict'] !== null && $stands['verdict'] !== $judged['verdict'] ? $stands : null,
            ]);
            $attempt->judged_try = max($attempt->judged_try, $try);
            $counts = CountingJudgement::of($attempt) ?? $judgement;
            $told = $stands ?? ['verdict' => $counts->verdict, 'headline' => $counts->headline];
            $attempt->update(['judgement_id' => $counts->id, ...$told]);
            $attempt->setRelation('judgement', $counts);

            return $counts;
        });
    }

    private static function proofOf(Attempt $attempt): ?int
    {
        return Proof::query()->where('attempt_id', $attempt->id)->whereNull('ended_at')->value('id');
    }
}
