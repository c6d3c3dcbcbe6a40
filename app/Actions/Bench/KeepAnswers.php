<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Sitting\KeepLateAct;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Queries\Bench\ChosenAnswer;
use App\Services\ExamGate;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/** Keeps an answer of a trainee. Made before the end and sent after it, it waits for the instructor. */
final readonly class KeepAnswers
{
    public function __construct(private ChosenAnswer $chosen, private CountAnswer $count)
    {
    }

    /**
     * @param  int  $number  of the question, from 1
     * @param  list<int>  $places  of the chosen options, from 0
     * @param  CarbonInterface|null  $madeAt  by the clock of the device
     * @return bool whether it counts; made before the end and come after it, it waits for the instructor
     *
     * Refuses if it was made too late, or no such question or option is there.
     */
    public function execute(Attempt $attempt, int $number, array $places, ?CarbonInterface $madeAt = null): bool
    {
        return DB::transaction(function () use ($attempt, $number, $places, $madeAt): bool {
            $attempt->claim();
            $chosen = $this->chosen->of($attempt, $number, $places);
            $refusal = ExamGate::refusal($attempt);
            $key = "$number-".implode('.', $places).'-'.$madeAt?->getTimestampMs();
            if (KeepLateAct::execute($attempt, $refusal, LateAct::ANSWER, $key, ['question' => $number, 'answer' => $places], $madeAt)) {
                return false;
            }
            ExamGate::refuse($refusal, 'question');
            $this->count->execute($attempt, $chosen);

            return true;
        });
    }
}
