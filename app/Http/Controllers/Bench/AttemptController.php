<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Resources\Bench\BenchResource;
use App\Http\Resources\Classes\AttemptSummaryResource;
use App\Models\Attempt;
use App\Services\ExamGate;
use App\Services\Presence;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class AttemptController extends Controller
{
    /** Pieces of work that are listed: the newest. */
    private const MOST = 100;

    /** One's own work; while an exam is open, why the rest is closed. */
    public function index(Request $request): AnonymousResourceCollection
    {
        $person = $request->user() ?? abort(401);
        $work = Attempt::query()->with(['assignment.boardFile']);
        $work->where('trainee_id', $person->id)->orderByDesc('id')->limit(self::MOST);
        $work->with(['judgements' => fn ($all) => $all->select([
            'id', 'attempt_id', 'try', 'verdict', 'headline', 'mark', 'handed_in_at', 'created_at',
        ])]);
        $holding = $person->isInstructor() ? null : ExamGate::holding($person);

        return AttemptSummaryResource::collection($work->get()->each(fn (Attempt $attempt) => $attempt->setRelation('holding', $holding)));
    }

    public function show(Request $request, Attempt $attempt, Presence $presence): BenchResource
    {
        $this->authorize('view', $attempt);
        $presence->opened($attempt, $request->user());

        return BenchResource::make($attempt->load(['assignment.boardFile', 'trainee', 'steps' => fn ($steps) => $steps->orderBy('id')]));
    }
}
