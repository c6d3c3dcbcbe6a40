<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeAttempt;
use App\Actions\KeepJudgement;
use App\Http\Requests\ShowVerdictRequest;
use App\Http\Resources\VerdictResource;
use App\Models\Attempt;
use App\Wording\VerdictPage;
use Illuminate\Http\JsonResponse;

final class VerdictController extends Controller
{
    public function show(ShowVerdictRequest $request, Attempt $attempt, KeepJudgement $keep, JudgeAttempt $judge): VerdictResource|JsonResponse
    {
        $edition = $request->edition();
        $kept = $keep->of($attempt);
        if ($edition === null || $edition->id === ($kept->page['edition'] ?? null)) {
            return VerdictResource::make($attempt);
        }

        return response()->json((new VerdictPage(...$judge->underEdition($attempt, $edition)))->json());
    }
}
