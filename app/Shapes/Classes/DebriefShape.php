<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

use App\Wording\FindingSentence;
use App\Wording\Headline;
use App\Wording\MistakeSentence;
use App\Wording\PlanStepSentence;
use App\Wording\Words;
use Illuminate\Support\Str;
use Zwindle\Bench\Step;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\OrderOfWork;
use Zwindle\Exam\Grading\WhatIf;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;
use Zwindle\Repair\Advice;

/** The debrief of one wiring in words. */
final readonly class DebriefShape
{
    private const MOST_MISTAKES = 2;

    private Result $result;

    private Words $words;

    public function __construct(private Advice $advice)
    {
        $result = $this->result = $advice->result;
        $this->words = Words::of($result->evidence->wiring);
    }

    /** @return list<string> the one or two real mistakes: what the smallest repair takes back, else the first causes */
    public function mistakes(): array
    {
        $undoes = $this->advice->first()->undoes ?? [];
        if ($undoes !== []) {
            $sentences = new MistakeSentence($this->words);

            return array_map(fn ($mistake) => Str::ucfirst($sentences->all([$mistake])).'.', array_slice($undoes, 0, self::MOST_MISTAKES));
        }
        $findings = new FindingSentence($this->result);
        $failing = array_filter($this->result->causes(), fn ($finding) => $finding->severity()->fails());

        return array_map($findings->of(...), array_slice(array_values($failing), 0, self::MOST_MISTAKES));
    }

    /**
     * One's own order of work beside the recognised one.
     *
     * @param  list<Step>  $steps
     * @return array{percent: int, own: list<string>, recognised: list<string>}
     */
    public function order(array $steps, StepOrder $order): array
    {
        $plan = new Plan($this->result->evidence->wiring, $this->result, [], 0);
        $sentences = new PlanStepSentence($plan);
        $made = OrderOfWork::madeAt($this->result, $steps);
        asort($made);
        $own = array_keys(array_filter($made, fn (int $at) => $at >= 0));
        $recognised = array_filter(PlanSteps::of($plan, $order), fn (PlanStep $step) => $step->joint !== null);

        return [
            'percent' => (int) round(100 * OrderOfWork::share($this->result, $steps, $order)),
            'own' => array_map(fn (int $joint) => $sentences->of(PlanStep::join($joint)), $own),
            'recognised' => array_values(array_map($sentences->of(...), $recognised)),
        ];
    }

    /**
     * @param  list<WhatIf>  $asked  on one's own wiring; where too little is wired to ask about, on the right one
     * @return list<array{question: string, answer: string}>
     */
    public function questions(array $asked): array
    {
        $sentences = new MistakeSentence($this->words);

        return array_map(fn (WhatIf $whatIf) => [
            'question' => $this->words->say($whatIf->isOnRight ? 'task.what-if-right' : 'task.what-if', [
                'what' => Str::ucfirst($sentences->all([$whatIf->done])).'.',
            ]),
            'answer' => (new Headline($whatIf->then->result, $whatIf->then))->sentence(),
        ], $asked);
    }
}
