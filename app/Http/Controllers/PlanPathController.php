<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanBoardFile;
use App\Actions\TracePath;
use App\Http\Requests\ShowPlanPathRequest;
use App\Http\Resources\PathResource;
use App\Models\BoardFile;

final class PlanPathController extends Controller
{
    public function show(ShowPlanPathRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner, TracePath $trace): PathResource
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);

        return PathResource::make($trace->along($found->result->evidence->circuit, $request->lamp(), $request->state()));
    }
}
