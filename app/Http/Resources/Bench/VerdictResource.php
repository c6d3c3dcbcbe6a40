<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Models\Judgement;
use App\Shapes\Bench\TriesShape;
use App\Shapes\Boards\EditionsShape;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A verdict as it was kept. What stands is what the attempt says, also where an upgrade would judge otherwise.
 *
 * @mixin \App\Models\Attempt
 */
final class VerdictResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        /** @var Judgement $judgement */
        $judgement = $this->resource->getRelation('shown');
        if ($judgement->page === null) {
            abort(409, __($judgement->isJudged() ? 'messages.not-answered-here' : 'messages.not-judged'));
        }
        $counts = $judgement->id === $this->judgement_id;

        return [
            ...$judgement->page,
            'verdict' => $counts ? $this->verdict : $judgement->verdict,
            'headline' => $counts ? $this->headline : $judgement->headline,
            'try' => $judgement->try,
            'tries' => TriesShape::of($this->resource, $request->user()),
            'editions' => EditionsShape::of($judgement->page['edition']),
            'judged' => $judgement->told(),
        ];
    }
}
