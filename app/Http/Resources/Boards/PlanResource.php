<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Bench\BenchShape;
use App\Shapes\Bench\VerdictShape;
use App\Shapes\Boards\PlanCoresShape;
use App\Wording\PlanStepSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\Look;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Core;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;
use Zwindle\Repair\Advice;
use Zwindle\Repair\NearestPlan;

/**
 * One plan as it can be looked through: the board with it wired, what each core carries, and its steps in either order.
 *
 * @mixin Plan
 */
final class PlanResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $board = $this->wiring->board;

        return [
            'practice' => $board->practice->id,
            'board' => (new BenchShape($board))->name(Look::of($board)),
            'standing' => WiringAsSteps::of($this->wiring),
            'cores' => array_map(fn (array $run) => [
                'cable' => $run['cable'], 'print' => "{$run['type']} · {$run['from']} – {$run['to']}", 'cores' => $run['cores'],
            ], PlanCoresShape::of($this->resource)),
            'orders' => ['boxByBox' => $this->steps(StepOrder::BoxByBox), 'farthestFirst' => $this->steps(StepOrder::FarthestFirst)],
            'verdict' => (new VerdictShape($this->result, Advice::of($this->result), NearestPlan::of($this->result)))->json(),
        ];
    }

    /**
     * @return list<array{text: string, box: string, places: list<string>, steps: list<array<string,
     *     mixed>>}> with what is done at the bench
     */
    private function steps(StepOrder $order): array
    {
        $sentences = new PlanStepSentence($this->resource);
        $places = new PlaceMap($this->wiring->board);
        $bench = new WiringAsSteps($this->wiring);

        return array_map(fn (PlanStep $step) => [
            'text' => $sentences->of($step),
            'box' => $sentences->boxOf($step),
            'places' => array_map($places->placeOf(...), $sentences->pointsOf($step)),
            'steps' => match (true) {
                $step->mark !== null => [$bench->mark($step->mark)],
                $step->cap !== null => [$bench->cap($step->cap)],
                default => $bench->joint($this->wiring->joints[(int) $step->joint]),
            },
        ], PlanSteps::of($this->resource, $order));
    }
}
