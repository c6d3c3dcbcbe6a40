<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPlansRequest;
use App\Http\Resources\Boards\PlanListResource;
use App\Http\Resources\Boards\PlanResource;
use App\Models\BoardFile;
use App\Queries\Boards\PlanBoardFile;

final class PlanController extends Controller
{
    public function index(ShowPlansRequest $request, BoardFile $boardFile, PlanBoardFile $planner): PlanListResource
    {
        return PlanListResource::make([
            'file' => $boardFile,
            'planning' => $planner->execute($boardFile, $request->edition()),
            'edition' => $request->edition(),
        ]);
    }

    public function show(ShowPlansRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): PlanResource
    {
        return PlanResource::make($planner->plan($boardFile, $plan, $request->edition()) ?? abort(404));
    }
}
