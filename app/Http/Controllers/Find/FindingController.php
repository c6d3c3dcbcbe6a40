<?php

declare(strict_types=1);

namespace App\Http\Controllers\Find;

use App\Actions\Classes\KeepJudgement;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;

final class FindingController extends Controller
{
    /** How a fault was looked for, once the mark may be known. */
    public function show(Attempt $attempt, KeepJudgement $keep): JsonResponse
    {
        $this->authorize('judge', $attempt);

        return response()->json($keep->of($attempt)?->debrief['finding'] ?? abort(404));
    }
}
