<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPlanPathRequest;
use App\Http\Resources\Bench\PathResource;
use App\Models\BoardFile;
use App\Queries\Bench\TracePath;
use App\Queries\Boards\PlanBoardFile;

final class PlanPathController extends Controller
{
    public function show(
        ShowPlanPathRequest $request,
        BoardFile $boardFile,
        int $plan,
        PlanBoardFile $planner,
        TracePath $trace,
    ): PathResource {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);

        $circuit = $found->result->evidence->circuit;

        return PathResource::make($trace->along($circuit, $request->lamp(), $request->state(), $request->isBack()));
    }
}
