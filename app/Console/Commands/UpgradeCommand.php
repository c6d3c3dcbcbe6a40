<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Classes\JudgeUnjudged;
use App\Care\SpoiltTasks;
use App\Models\Attempt;
use App\Models\Judgement;
use App\Queries\Bench\CountProgress;
use App\Queries\Classes\OtherwiseByRules;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Zwindle\Check\EngineVersion;

/**
 * Judges what was handed in before judgements were kept, once; says which would come out otherwise by the rules of today. Mends what an
 * earlier version had spoilt.
 */
final class UpgradeCommand extends Command
{
    protected $signature = 'zwindle:upgrade';

    protected $description = 'Judge once what was handed in before judgements were kept';

    public function handle(JudgeUnjudged $judge, CountProgress $count, SpoiltTasks $spoilt, OtherwiseByRules $otherwise): int
    {
        $mended = $spoilt->mend();
        $mended === [] || $this->line('An earlier version had spoilt these exams; they are mended, and what was handed in is judged:');
        array_map($this->line(...), $mended);
        $open = Attempt::query()->where(
            fn (Builder $query) => $query->whereNull('ends')->orWhereIn('id', Attempt::unjudged()->select('id')),
        )->pluck('id');
        if ($open->isNotEmpty()) {
            $this->judged($open, $judge, $count);
        }
        $this->listed($otherwise);

        return self::SUCCESS;
    }

    /** @param  Collection<int, int>  $open */
    private function judged(Collection $open, JudgeUnjudged $judge, CountProgress $count): void
    {
        $this->line("Judging what was handed in before: {$open->count()} pieces of work.");
        $this->withProgressBar($open, function (int $id) use ($judge, $count): void {
            $attempt = Attempt::query()->with(['assignment.boardFile', 'appliedSteps'])->findOrFail($id);
            try {
                $attempt->ends ?? $attempt->update($count->of($attempt));
            } catch (\Throwable $fault) {
                report($fault);
            }
            $judge->execute($attempt);
        });
        $this->newLine();
        $this->told();
    }

    /** What earlier rules have judged stands; what would come out otherwise today is listed, and decided by whoever marked it. */
    private function listed(OtherwiseByRules $otherwise): void
    {
        $count = $otherwise->count();
        if ($count === 0) {
            return;
        }
        $this->line("$count were judged by earlier rules. What they were judged to be stands.");
        $differ = 0;
        foreach ($otherwise->all() as ['attempt' => $id, 'was' => $was, 'now' => $now, 'rules' => $rules]) {
            $differ++;
            $this->line("  attempt $id: judged $was by rules $rules, which stands; by rules ".EngineVersion::RULES." it would be $now.");
        }
        $this->line($differ === 0
            ? 'None of them would come out otherwise today.'
            : "$differ would come out otherwise today: look at each on the Marks page, under Mark again.");
    }

    private function told(): void
    {
        $differ = Judgement::query()->whereNotNull('stood')->whereIn('id', Attempt::query()->select('judgement_id'))->get();
        $unjudged = Attempt::query()->whereHas('judgement', fn (Builder $query) => $query->whereNull('verdict'))->count();
        foreach ($differ as $judgement) {
            $then = "attempt $judgement->attempt_id: handed in as {$judgement->stood['verdict']}, which stands";
            $this->line("  $then; by rules $judgement->rules it would be $judgement->verdict. $judgement->headline");
        }
        $this->line(
            $differ->isEmpty()
                ? 'None of them would come out otherwise.'
                : "{$differ->count()} would come out otherwise. What stood at the hand-in stands; decide on the Marks page.",
        );
        $unjudged === 0 ? null : $this->warn("$unjudged could not be judged: see storage/logs and storage/app/unjudged.");
    }
}
