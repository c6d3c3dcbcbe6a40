<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\TestPointsRequest;
use App\Models\Attempt;
use App\Queries\Bench\TestPoints;
use Illuminate\Http\JsonResponse;

final class TesterController extends Controller
{
    public function show(TestPointsRequest $request, Attempt $attempt, TestPoints $test): JsonResponse
    {
        return response()->json($test->execute(
            $attempt->load(['assignment.boardFile', 'appliedSteps']),
            $request->one(),
            $request->other(),
            $request->down(),
        ));
    }
}
