<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\PlanFromAsFound;
use App\Http\Controllers\Controller;
use App\Http\Resources\Boards\AsFoundPlanResource;
use App\Models\BoardFile;
use Illuminate\Http\Request;

final class AsFoundPlanController extends Controller
{
    public function show(Request $request, BoardFile $boardFile, PlanFromAsFound $plan): AsFoundPlanResource
    {
        $this->authorize('view', $boardFile);

        return AsFoundPlanResource::make($plan->execute($boardFile, $request->user() ?? abort(401)));
    }
}
