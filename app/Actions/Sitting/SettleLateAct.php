<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Actions\Bench\CountAnswer;
use App\Actions\Bench\HandInOverdue;
use App\Actions\Classes\KeepJudgement;
use App\Actions\Proving\DoActNow;
use App\Enums\JudgedAt;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Models\Record;
use App\Models\User;
use App\Queries\Bench\ChosenAnswer;
use Illuminate\Support\Facades\DB;

/** An instructor lets count what came too late, or does not. What was handed in is judged again with it. */
final readonly class SettleLateAct
{
    public function __construct(
        private ChosenAnswer $chosen,
        private CountAnswer $answers,
        private AddPhotograph $photographs,
        private DoActNow $acts,
        private KeepJudgement $keep,
        private HandInOverdue $overdue,
    ) {
    }

    public function execute(Attempt $attempt, LateAct $late, bool $accepted, User $who): void
    {
        $this->overdue->execute($attempt);
        DB::transaction(function () use ($attempt, $late, $accepted, $who): void {
            $attempt->claim();
            $late->refresh();
            if ($late->accepted !== null) {
                throw WorkRefused::because(['act' => __('sitting.step-settled')]);
            }
            if ($accepted) {
                $this->take($attempt, $late);
            }
            $late->update(['accepted' => $accepted, 'decided_at' => now()]);
            Record::add($accepted ? 'accept-late' : 'refuse-late', $attempt, $who, null, ['kind' => $late->kind, 'key' => $late->key]);
        });
        if ($accepted && $attempt->handed_in_at !== null && $late->kind !== LateAct::PHOTOGRAPH) {
            $this->keep->execute($attempt, JudgedAt::ReGrade);
        }
    }

    private function take(Attempt $attempt, LateAct $late): void
    {
        match ($late->kind) {
            LateAct::ANSWER => $this->answers->execute($attempt, $this->chosen->of(
                $attempt,
                (int) $late->body['question'],
                array_map(intval(...), $late->body['answer']),
            )),
            LateAct::PHOTOGRAPH => $this->photographs->execute($attempt, $attempt->trainee, $late->body['box'], $late->body['jpeg']),
            default => $this->acts->execute($attempt, $late->key, $late->body),
        };
    }
}
