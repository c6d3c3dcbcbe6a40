<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\KeepJudgement;
use App\Http\Controllers\Controller;
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
