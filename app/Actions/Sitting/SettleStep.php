<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\KeptStep;
use App\Models\Record;
use App\Models\StepDecision;
use App\Models\User;
use App\Queries\Bench\CountProgress;
use Illuminate\Support\Facades\DB;
use Zwindle\Bench\StepDoesNotFit;

/**
 * An instructor lets a step count that came too late, or does not. The step itself stays as it came; what counts is added at the
 * end, and what was handed in is judged again with it.
 */
final readonly class SettleStep
{
    private const DEVICE = 'instructor';

    public function __construct(private KeepJudgement $keep)
    {
    }

    public function execute(Attempt $attempt, KeptStep $step, bool $accepted, User $who): void
    {
        DB::transaction(function () use ($attempt, $step, $accepted, $who): void {
            $attempt->claim();
            if ($step->set_aside === null || StepDecision::query()->whereKey($step->id)->exists()) {
                throw WorkRefused::because(['step' => __('sitting.step-settled')]);
            }
            StepDecision::query()->create(['step_id' => $step->id, 'accepted' => $accepted, 'at' => now()]);
            Record::add($accepted ? 'accept-step' : 'refuse-step', $attempt, $who, $step->set_aside, [
                'device' => $step->device,
                'number' => $step->number,
            ]);
            if ($accepted) {
                $this->append($attempt, $step);
            }
        });
        if ($accepted && $attempt->handed_in_at !== null) {
            $this->keep->execute($attempt, JudgedAt::ReGrade);
        }
    }

    private function append(Attempt $attempt, KeptStep $step): void
    {
        $log = $attempt->stepLog();
        try {
            $log->add($step->parsed());
        } catch (StepDoesNotFit $misfit) {
            throw WorkRefused::because(['step' => __('sitting.step-does-not-fit', ['why' => $misfit->getMessage()])]);
        }
        $attempt->steps()->create([
            'device' => self::DEVICE,
            'number' => $step->id,
            'sequence' => ++$attempt->head,
            'json' => $step->json,
            'made_at' => $step->made_at,
            'received_at' => now(),
        ]);
        $attempt->unsetRelation('appliedSteps')->fill(CountProgress::on($log->bench()->wiring()))->save();
    }
}
