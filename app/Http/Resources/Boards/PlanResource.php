<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\BenchShape;
use App\Shapes\VerdictShape;
use App\Wording\PlanStepSentence;
use App\Wording\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Bench\Look;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;

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
            'practice' => $board->practice->value,
            'board' => (new BenchShape($board))->name(Look::of($board)),
            'standing' => WiringAsSteps::of($this->wiring),
            'cores' => $this->cores(),
            'orders' => ['boxByBox' => $this->steps(StepOrder::BoxByBox), 'farthestFirst' => $this->steps(StepOrder::FarthestFirst)],
            'verdict' => (new VerdictShape($this->result))->json(),
        ];
    }

    /** @return list<array{cable: string, print: string, cores: list<array<string, string>>}> what each core carries */
    private function cores(): array
    {
        $words = Words::of($this->wiring);

        return array_map(fn (Cable $cable) => [
            'cable' => $cable->id,
            'print' => $cable->type->print().' · '.$words->box($cable->from).' – '.$words->box($cable->to),
            'cores' => array_values(array_map(fn (Core $core) => [
                'colour' => $core->colour->value,
                'flag' => $core->colour->flag($this->wiring->board->practice),
                'name' => $words->say('parts.colour.'.$core->colour->value),
                'role' => $words->role($this->result->evidence->roles->at($core->ends()[0])[0]->value),
            ], $cable->cores)),
        ], array_values($this->wiring->board->cables));
    }

    /** @return list<array{text: string, box: string, places: list<string>, steps: list<array<string, mixed>>}> with what is done at the bench */
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
