<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Models\BoardFile;
use App\Shapes\EditionsShape;
use App\Wording\ChangeSentence;
use App\Wording\Headline;
use App\Wording\PlanDifference;
use App\Wording\RefusalSentence;
use App\Wording\SchemeSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Refusal\NeutralAt;
use Zwindle\Plan\Refusal\Refusal;

/**
 * Every plan of a board in a line each, or why there is none; and where an electronic switch could go.
 *
 * @property array{file: BoardFile, planning: Planning, edition: CodeEdition|null} $resource
 */
final class PlanListResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        ['file' => $file, 'planning' => $planning, 'edition' => $edition] = $this->resource;
        $board = $file->drawing();
        $changes = new ChangeSentence($board);
        $sentences = new PlanDifference($board);

        return [
            'board' => BoardFileResource::make($file),
            'edition' => ($edition ?? $board->edition)->id,
            'editions' => EditionsShape::of($board->edition->id),
            'plans' => array_map(fn (Plan $plan) => [
                'schemeId' => $plan->result->scheme()?->value,
                'scheme' => (new SchemeSentence($plan->result->evidence))->all()[0]['name'] ?? '',
                'differs' => $sentences->differences($plan, $planning->plans[0]),
                'verdict' => $plan->result->verdict->value,
                'headline' => (new Headline($plan->result))->sentence(),
            ], $planning->plans),
            'impossible' => $planning->reason === null
                ? null
                : (new RefusalSentence($board))->of($planning, Refusal::of($planning, $board, edition: $edition), $edition),
            'truncated' => $planning->isTruncated ? Planner::MOST_PLANS : null,
            'neutrals' => array_map($changes->neutral(...), NeutralAt::everySwitchBox($board, edition: $edition)),
        ];
    }
}
