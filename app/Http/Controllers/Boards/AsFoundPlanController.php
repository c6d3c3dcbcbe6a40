<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\PlanFromAsFound;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowAsFoundRequest;
use App\Http\Resources\Boards\AsFoundPlanResource;
use App\Models\BoardFile;

final class AsFoundPlanController extends Controller
{
    public function show(ShowAsFoundRequest $request, BoardFile $boardFile, PlanFromAsFound $plan): AsFoundPlanResource
    {
        return AsFoundPlanResource::make($plan->execute($boardFile, $request->instructor(), $request->number()));
    }
}
