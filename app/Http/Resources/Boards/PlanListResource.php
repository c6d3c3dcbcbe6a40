<?php

declare(strict_types=1);

namespace App\Http\Resources\Boards;

use App\Models\BoardFile;
use App\Shapes\Boards\EditionsShape;
use App\Wording\ChangeSentence;
use App\Wording\Headline;
use App\Wording\PlanDifference;
use App\Wording\RefusalSentence;
use App\Wording\SchemeSentence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanFamily;
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
        // Of each family the first, by the number it has in the list.
        $families = array_map(PlanFamily::of(...), $planning->plans);
        $heads = array_map(fn (string $family) => (int) array_search($family, $families, true), $families);

        return [
            'board' => BoardFileResource::make($file),
            'edition' => ($edition ?? $board->edition)->id,
            'editions' => EditionsShape::of($board->edition->id),
            'plans' => array_map(fn (Plan $plan, int $i) => [
                'head' => $heads[$i],
                'schemeId' => $plan->result->scheme()?->value,
                'scheme' => (new SchemeSentence($plan->result->evidence))->all()[0]['name'] ?? '',
                'differs' => $sentences->differences($plan, $planning->plans[$heads[$i] === $i ? 0 : $heads[$i]]),
                'verdict' => $plan->result->verdict->value,
                'headline' => (new Headline($plan->result))->sentence(),
            ], $planning->plans, array_keys($planning->plans)),
            'impossible' => $planning->reason === null
                ? null
                : (new RefusalSentence($board))->of($planning, Refusal::of($planning, $board, edition: $edition), $edition),
            'truncated' => $planning->isTruncated ? Planner::MOST_PLANS : null,
            'neutrals' => array_map($changes->neutral(...), NeutralAt::everySwitchBox($board, edition: $edition)),
        ];
    }
}
