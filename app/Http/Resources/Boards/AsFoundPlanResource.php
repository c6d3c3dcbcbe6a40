<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Bench\MovesShape;
use App\Wording\ExtensionNotes;
use App\Wording\Headline;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Check\Result;
use Zwindle\Repair\Advice;
use Zwindle\Repair\NearestPlan;

/**
 * What a board is as it was found, and what has to change.
 *
 * @property array{found: Result, gone: list<string>, nearest: NearestPlan|null} $resource
 */
final class AsFoundPlanResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['found' => $found, 'gone' => $gone, 'nearest' => $nearest] = $this->resource;
        $moves = $nearest === null ? [] : array_column(MovesShape::all($nearest->moves, $nearest->start), 'text');

        return [
            'found' => (new Headline($found, Advice::of($found)))->sentence(),
            'verdict' => $found->verdict->value,
            'then' => $nearest === null ? __('as-found.no-plan') : (new Headline($nearest->plan->result))->sentence(),
            'notes' => $nearest === null ? [] : (new ExtensionNotes($nearest, $gone))->notes(),
            'moves' => $moves,
        ];
    }
}
