<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\ShowVerdictRequest;
use App\Http\Resources\Bench\VerdictResource;
use App\Models\Attempt;
use App\Queries\Classes\JudgeAttempt;
use App\Queries\Classes\JudgedTry;
use App\Shapes\Bench\VerdictShape;
use Illuminate\Http\JsonResponse;
use Zwindle\Repair\Advice;
use Zwindle\Repair\NearestPlan;

final class VerdictController extends Controller
{
    public function show(
        ShowVerdictRequest $request,
        Attempt $attempt,
        JudgeAttempt $judge,
    ): VerdictResource|JsonResponse {
        $edition = $request->edition();
        $kept = JudgedTry::of($attempt, $request->try());
        if ($edition === null || $edition->id === ($kept->page['edition'] ?? null)) {
            return VerdictResource::make($attempt->setRelation('shown', $kept));
        }

        ['own' => $own, 'by' => $by] = $judge->underEdition($attempt->asOf($kept), $edition);

        return response()->json((new VerdictShape($own, Advice::of($by), NearestPlan::of($by)))->json());
    }
}
