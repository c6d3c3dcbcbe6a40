<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPlansRequest;
use App\Models\BoardFile;
use App\Paper\Boards\PlanPaper;
use App\Queries\Boards\PlanBoardFile;
use Illuminate\Http\JsonResponse;

final class PaperPagesController extends Controller
{
    public function index(ShowPlansRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): JsonResponse
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);

        return response()->json((new PlanPaper($found, $boardFile->brief))->preview());
    }
}
