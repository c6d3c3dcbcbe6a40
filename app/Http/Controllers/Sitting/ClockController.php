<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Services\Presence;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a trainee's screen asks now and then: how the sitting stands and when it is over; nothing (204) where nothing is new. */
final class ClockController extends Controller
{
    public function show(Request $request, Attempt $attempt, Presence $presence): JsonResponse|Response
    {
        $this->authorize('work', $attempt);
        $presence->seen($attempt);
        $clock = ['state' => $attempt->sittingState()->value, 'dueAt' => $attempt->dueAt()?->toIso8601ZuluString('millisecond')];
        // While the clock is paused its end moves on: only the state counts then.
        $tag = hash('xxh64', json_encode($attempt->paused_at === null ? $clock : [$clock['state']], JSON_THROW_ON_ERROR));
        if ($request->query('have') === $tag) {
            return response()->noContent();
        }

        return response()->json([...$clock, 'serverTime' => now()->toIso8601ZuluString('millisecond'), 'tag' => $tag]);
    }

    /** A trainee left the page, or came back to it: recorded, not punished. */
    public function update(Request $request, Attempt $attempt, Presence $presence): Response
    {
        $this->authorize('work', $attempt);
        $request->validate(['away' => ['required', 'boolean:strict']]);
        $presence->wentAway($attempt, $request->user() ?? abort(401), $request->boolean('away'));

        return response()->noContent();
    }
}
