<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Queries\Bench\AskQuestions;
use App\Queries\Classes\JudgeAttempt;
use App\Wording\FindingSentence;
use App\Wording\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Zwindle\Board\Core;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Result;
use Zwindle\Exam\Task\Help;

/**
 * The help that a coached task allows, on the board as it stands now; null where it is not allowed.
 *
 * @mixin \App\Models\Attempt
 */
final class HelpResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $task = $this->resource->task() ?? abort(404);
        $result = app(JudgeAttempt::class)->execute($this->resource);

        return [
            'hint' => $task->allows(Help::Hints) ? self::hint($result) : null,
            'labels' => $task->allows(Help::Labels) ? $this->labels() : null,
            'table' => $task->allows(Help::TruthTable)
                ? ['lamps' => $result->evidence->table->lamps, 'trips' => $result->evidence->table->trips]
                : null,
            'switches' => $result->evidence->circuit->switches,
            'hasTester' => $task->allows(Help::Tester),
        ];
    }

    /** The first thing that is wrong, and no more; what is only noted is no help. */
    private static function hint(Result $result): string
    {
        $first = array_values(array_filter($result->causes(), fn (Finding $finding) => $finding->severity() !== Severity::Note))[0] ?? null;

        return $first === null ? __('task.no-hint') : (new FindingSentence($result))->of($first);
    }

    /** @return list<array{cable: string, carries: string}> what each cable carries when it is wired right */
    private function labels(): array
    {
        $plan = (new AskQuestions)->plan($this->resource);
        if ($plan === null) {
            return [];
        }
        $words = Words::of($plan->wiring);

        return array_map(fn ($cable) => [
            'cable' => $cable->id,
            'carries' => implode(
                ', ',
                array_map(
                    fn (Core $core) => $core->colour->flag($plan->wiring->board->practice).' '.$words->role(
                        $plan->roleOf($core)->value,
                    ),
                    array_values($cable->cores),
                ),
            ),
        ], array_values($plan->wiring->board->cables));
    }
}
