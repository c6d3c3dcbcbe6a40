<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Shapes\EditionsShape;
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
        $judgement = $this->judgement;
        if ($judgement?->page === null) {
            abort(409, __($judgement === null || $judgement->isJudged() ? 'messages.not-answered-here' : 'messages.not-judged'));
        }

        return [
            ...$judgement->page,
            'verdict' => $this->verdict,
            'headline' => $this->headline,
            'editions' => EditionsShape::of($judgement->page['edition']),
            'judged' => $judgement->told(),
        ];
    }
}
