<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Shapes\Bench\MovesShape;
use App\Wording\Headline;
use App\Wording\MoveSentence;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Check\Result;
use Zwindle\Repair\NearestPlan;

/**
 * The plan that lies nearest to a wiring that does not pass: what would have to change, and the board wired so.
 */
final readonly class NearestPlanShape
{
    public function __construct(private Result $result, private ?NearestPlan $nearest)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $wiring = $this->result->evidence->wiring;
        $nearest = $this->nearest;
        if ($nearest === null) {
            return ['headline' => null, 'changes' => [], 'standing' => []];
        }
        $sentences = new MoveSentence($nearest->start);
        $unmarked = array_map(fn (string $end) => [
            'text' => $sentences->unmark($end),
            'box' => $wiring->points[$end]->enclosure,
            'places' => [$end],
        ], $nearest->unmarked);

        return [
            'headline' => (new Headline($nearest->plan->result))->sentence(),
            'changes' => [...MovesShape::all($nearest->moves, $nearest->start), ...$unmarked],
            'standing' => WiringAsSteps::of($nearest->plan->wiring),
        ];
    }
}
