<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Shapes\Boards\AlternativesShape;
use App\Shapes\Boards\DrawingNotesShape;
use App\Wording\Headline;
use App\Wording\ProblemSentence;
use App\Wording\RefusalSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Board;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Problem\Problem;

/**
 * What the planner says beside a drawing.
 *
 * @property array{problems: list<Problem>, names: array<string, string>, board: Board|null, planning: Planning|null, refusal: Refusal,
 *     schemes: array<string, Planning>} $resource
 */
final class DrawingReviewResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        [
            'problems' => $problems,
            'names' => $names,
            'board' => $board,
            'planning' => $planning,
            'refusal' => $refusal,
            'schemes' => $schemes,
        ] = $this->resource;
        $plan = $planning->plans[0] ?? null;
        $words = $board === null ? null : new DrawingNotesShape($board);

        return [
            'problems' => ProblemSentence::all($problems, $names),
            'warnings' => $words?->warnings() ?? [],
            'sentence' => match (true) {
                $board === null => null,
                $planning === null => __('drawing.no-controls'),
                $plan === null => (new RefusalSentence($board))->of($planning, $refusal),
                default => (new Headline($plan->result))->sentence(),
            },
            'waysOut' => $board === null || $planning === null || $plan !== null
                ? []
                : AlternativesShape::of($refusal, new RefusalSentence($board)),
            'hasPlan' => $plan !== null,
            'schemes' => array_map(fn (string $scheme, Planning $one) => [
                'id' => $scheme,
                'name' => $words?->scheme($scheme),
                'works' => $one->plans !== [],
                'why' => $one->plans !== [] || $one->reason === NoPlan::OtherScheme || $board === null
                    ? ''
                    : (new RefusalSentence($board))->of($one),
                'cables' => $one->plans === [] ? [] : $words?->cables($one->plans[0]),
                'boxes' => $one->plans === [] ? [] : $words?->boxes($one->plans[0]),
            ], array_keys($schemes), $schemes),
            'cables' => $plan === null ? [] : $words?->cables($plan),
            'boxes' => $plan === null ? [] : $words?->boxes($plan),
        ];
    }
}
