<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\SettleStep;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Models\KeptStep;
use App\Shapes\Sitting\LateStepsShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Steps that came too late, for the instructor to accept or refuse. */
final class LateStepController extends Controller
{
    public function index(Attempt $attempt): JsonResponse
    {
        $this->authorize('observe', $attempt);

        return response()->json(LateStepsShape::of($attempt));
    }

    public function update(Request $request, Attempt $attempt, int $step, SettleStep $settle): JsonResponse
    {
        $this->authorize('move', $attempt);
        $request->validate(['accepted' => ['required', 'boolean:strict']]);
        $late = KeptStep::query()->where('attempt_id', $attempt->id)->findOrFail($step);
        $settle->execute($attempt, $late, $request->boolean('accepted'), $request->user() ?? abort(401));

        return response()->json(LateStepsShape::of($attempt->refresh()));
    }
}
