<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Marking;
use App\Models\Step;
use Zwindle\Check\Result;
use Zwindle\Mark\Distance;
use Zwindle\Mark\Mark;
use Zwindle\Mark\Marker;
use Zwindle\Mark\OrderOfWork;

/** The mark of an attempt that was handed in, by the marking it was set with. */
final readonly class MarkAttempt
{
    public function __construct(private JudgeAttempt $judge, private AskQuestions $ask)
    {
    }

    /** @return array{mark: Mark, judged: Result|null}|null null for an attempt without a task, or not handed in */
    public function execute(Attempt $attempt): ?array
    {
        $task = $attempt->task();
        if ($task === null || $attempt->handed_in_at === null) {
            return null;
        }
        $scheme = Marking::read((string) $attempt->assignment->marking_json);
        $minutes = $attempt->started_at === null ? null : $attempt->started_at->diffInSeconds($attempt->handed_in_at) / 60;
        if (! $task->kind->isWired()) {
            $right = $this->ask->judged($attempt);

            return ['mark' => (new Marker($scheme, observed: $attempt->observed ?? [], minutes: $minutes))->ofAnswers(count(array_filter($right)), count($right)), 'judged' => null];
        }
        $judged = $this->judge->execute($attempt);
        $order = $task->order === null ? null : OrderOfWork::share($judged, array_values($attempt->appliedSteps->map(fn (Step $step) => $step->parsed())->all()), $task->order);
        $marker = new Marker($scheme, $scheme->perMistake === null ? null : Distance::of($judged), $attempt->observed ?? [], $order, $minutes, $attempt->startingBench()->wiring()->placed());

        return ['mark' => $marker->ofWiring($judged), 'judged' => $judged];
    }
}
