<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\ChangeSentence;
use App\Wording\ExtensionNotes;
use App\Wording\PlanStepSentence;
use App\Wording\RefusalSentence;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Format\Write\PlanArray;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\Refusal\BoardChange;
use Zwindle\Plan\Refusal\NeutralAt;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Shortage;
use Zwindle\Plan\StepOrder;

/** What the planner came to, in the shape of the contract. */
final readonly class PlanningShape
{
    private RefusalSentence $sentences;

    private ChangeSentence $changes;

    /**
     * @param  Refusal  $refusal  why it cannot be wired, and what would do
     * @param  list<NeutralAt>|null  $neutrals  null if nobody asked
     */
    public function __construct(
        Board $board,
        public Planning $planning,
        private StepOrder $order,
        public Refusal $refusal = new Refusal,
        public ?ExtensionNotes $extension = null,
        public ?array $neutrals = null,
        public ?CodeEdition $edition = null,
    ) {
        $this->sentences = new RefusalSentence($board);
        $this->changes = new ChangeSentence($board);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $plans = array_map(fn (Plan $plan) => [...PlanArray::of($plan), 'steps' => $this->steps($plan)], $this->planning->plans);

        return [
            'plans' => $plans,
            'impossible' => $this->planning->reason === null ? null : [
                'message' => $this->sentences->of($this->planning, $this->refusal, $this->edition),
                'shortages' => array_map(fn (Shortage $shortage) => [
                    'scheme' => $shortage->scheme, 'cable' => $shortage->cable, 'has' => $shortage->has, 'needs' => $shortage->needs,
                ], $this->planning->shortages),
                'rule' => $this->refusal->askedBy === null
                    ? null
                    : ['kind' => $this->refusal->askedBy->value, 'reference' => $this->sentences->citation($this->edition)],
                'ways' => AlternativesShape::of($this->refusal, $this->sentences),
                ...$this->changeArray($this->refusal->change),
            ],
            ...($this->neutrals === null ? [] : ['neutrals' => array_map(fn (NeutralAt $at) => [
                'enclosure' => $at->enclosure,
                'answer' => $at->answer->value,
                ...$this->changeArray($at->change),
                'text' => $this->changes->neutral($at),
            ], $this->neutrals)]),
            ...($this->extension === null ? [] : ['from' => ExtensionShape::of($this->extension->nearest, $this->extension->gone)]),
            'truncated' => $this->planning->isTruncated,
            'limits' => ['plans' => Planner::MOST_PLANS, 'trees' => RunGraph::MOST_TREES],
        ];
    }

    /** @return list<array{text: string, joint: int|null}> */
    public function steps(Plan $plan): array
    {
        $sentences = new PlanStepSentence($plan);

        return array_map(
            fn (PlanStep $step) => ['text' => $sentences->of($step), 'joint' => $step->joint],
            PlanSteps::of($plan, $this->order, $this->extension->nearest->kept ?? []),
        );
    }

    /** @return array{change: object, addCables: object, addSingles: object} */
    private function changeArray(BoardChange $change): array
    {
        return [
            'change' => (object) array_map(fn (CableType $type) => $type->id, $change->types),
            'addCables' => (object) array_map(fn (CableType $type) => $type->id, $change->beside),
            'addSingles' => (object) array_map(
                fn (array $colours) => array_map(fn (Colour $colour) => $colour->value, $colours),
                $change->singles,
            ),
        ];
    }
}
