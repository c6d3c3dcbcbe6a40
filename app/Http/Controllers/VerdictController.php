<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeAttempt;
use App\Http\Requests\ShowVerdictRequest;
use App\Http\Resources\VerdictResource;
use App\Models\Attempt;

final class VerdictController extends Controller
{
    public function show(ShowVerdictRequest $request, Attempt $attempt, JudgeAttempt $judge): VerdictResource
    {
        $attempt->loadMissing(['assignment.boardFile', 'appliedSteps']);

        return VerdictResource::make($judge->underEdition($attempt, $request->edition()));
    }
}
