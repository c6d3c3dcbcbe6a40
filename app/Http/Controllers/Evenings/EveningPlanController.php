<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Http\Controllers\Controller;
use App\Http\Requests\Evenings\EveningRequest;
use App\Models\Evening;
use App\Queries\Evenings\PlanEvening;
use App\Shapes\Evenings\EveningShape;
use Illuminate\Http\JsonResponse;

/** The plan of a draft, not kept: what a change would cost. */
final class EveningPlanController extends Controller
{
    public function store(EveningRequest $request, PlanEvening $plan): JsonResponse
    {
        [$made, $evening] = $plan->execute($request->draft(), $request->classroom(), $request->string('title')->value(), null);

        return response()->json(EveningShape::of($made, $evening));
    }

    public function update(EveningRequest $request, Evening $evening, PlanEvening $plan): JsonResponse
    {
        [$made, $core] = $plan->execute($request->draft(), $evening->classroom, $request->string('title')->value(), $evening);

        return response()->json(EveningShape::of($made, $core));
    }
}
