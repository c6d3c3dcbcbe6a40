<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Actions\Pace\SearchGate;
use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Support\Facades\DB;
use Throwable;
use Zwindle\Check\EngineVersion;

/**
 * Judges a handed-in attempt once and keeps what came out: pages read it, and no later version of the rules changes it.
 *
 * The judging is done outside the transaction: nobody's step waits for it. An attempt that cannot be judged is kept as such, with
 * the fault logged and the files put aside that reproduce it.
 */
final readonly class KeepJudgement
{
    public function __construct(private JudgeHandedIn $judge, private LogUnjudged $log)
    {
    }

    /** The judgement that counts, worked out now where none is kept yet; null for an attempt that is not handed in. */
    public function of(Attempt $attempt): ?Judgement
    {
        if ($attempt->handed_in_at === null) {
            return null;
        }

        return $attempt->judgement ?? $this->execute($attempt, $attempt->verdict === null ? JudgedAt::HandIn : JudgedAt::Upgrade);
    }

    /** @return Judgement|null null if it was opened again meanwhile */
    public function execute(Attempt $attempt, JudgedAt $origin): ?Judgement
    {
        $try = $attempt->tries;
        $judged = $this->workedOut($attempt);

        return DB::transaction(function () use ($attempt, $origin, $try, $judged): ?Judgement {
            $attempt->claim();
            if ($attempt->handed_in_at === null || $attempt->tries !== $try) {
                return null;
            }
            $attempt->loadMissing('judgement');
            if ($attempt->judgement !== null && $origin !== JudgedAt::ReGrade) {
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
                'stood' => $stands !== null && $judged['verdict'] !== null && $stands['verdict'] !== $judged['verdict'] ? $stands : null,
            ]);
            $attempt->update(['judgement_id' => $judgement->id, ...($stands ?? [
                'verdict' => $judged['verdict'],
                'headline' => $judged['headline'],
            ])]);
            $attempt->setRelation('judgement', $judgement);

            return $judgement;
        });
    }

    /**
     * What the rules of today make of it, not kept.
     *
     * @return array{verdict: string|null, headline: string, page: array<string, mixed>|null, mark: array<string, mixed>|null,
     *     debrief: array<string, mixed>|null} verdict: null where it cannot be judged; the fault is logged
     */
    public function workedOut(Attempt $attempt): array
    {
        try {
            return SearchGate::bounded(fn () => $this->judge->execute($attempt));
        } catch (Throwable $fault) {
            $this->log->execute($attempt, $fault);

            return ['verdict' => null, 'headline' => __('messages.not-judged'), 'page' => null, 'mark' => null, 'debrief' => null];
        }
    }
}
