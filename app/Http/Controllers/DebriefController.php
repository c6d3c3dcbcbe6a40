<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepJudgement;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;

final class DebriefController extends Controller
{
    public function show(Attempt $attempt, KeepJudgement $keep): JsonResponse
    {
        $this->authorize('judge', $attempt);

        return response()->json($keep->of($attempt)->debrief ?? abort(409, __('messages.not-judged')));
    }
}
