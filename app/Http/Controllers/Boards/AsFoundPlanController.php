<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowAsFoundRequest;
use App\Http\Resources\Boards\AsFoundPlanResource;
use App\Models\BoardFile;
use App\Queries\Boards\PlanFromAsFound;

final class AsFoundPlanController extends Controller
{
    public function show(ShowAsFoundRequest $request, BoardFile $boardFile, PlanFromAsFound $plan): AsFoundPlanResource
    {
        return AsFoundPlanResource::make($plan->execute($boardFile, $request->instructor(), $request->number()));
    }
}
