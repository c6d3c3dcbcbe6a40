<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\KeepSteps;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\StoreStepsRequest;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Zwindle\Bench\MalformedStep;

final class StepController extends Controller
{
    public function store(StoreStepsRequest $request, Attempt $attempt, KeepSteps $keep): JsonResponse
    {
        try {
            return response()->json($keep->execute($attempt, $request->device(), $request->base(), $request->batch()));
        } catch (MalformedStep $step) {
            throw ValidationException::withMessages(['steps' => __('messages.malformed-step', ['field' => $step->getMessage()])]);
        }
    }
}
