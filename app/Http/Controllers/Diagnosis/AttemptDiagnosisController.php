<?php

declare(strict_types=1);

namespace App\Http\Controllers\Diagnosis;

use App\Actions\Diagnosis\ConfirmMistake;
use App\Actions\Diagnosis\DiagnoseAttempt;
use App\Http\Controllers\Controller;
use App\Http\Requests\Diagnosis\AttemptConfirmRequest;
use App\Http\Requests\Diagnosis\AttemptDiagnoseRequest;
use App\Models\Attempt;
use App\Models\Sighting;
use App\Shapes\Diagnosis\DiagnosisScreenShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A fault looked for on an attempt's board on the wall, by its trainee or the instructor. */
final class AttemptDiagnosisController extends Controller
{
    /** What was noted so far. */
    public function show(Attempt $attempt): JsonResponse
    {
        $this->authorize('lookForFaults', $attempt);
        $seen = Sighting::query()->where('attempt_id', $attempt->id)->first()->seen ?? null;

        return response()->json(['title' => $attempt->assignment->title(), 'trainee' => $attempt->trainee->name, 'seen' => $seen]);
    }

    public function store(AttemptDiagnoseRequest $request, Attempt $attempt, DiagnoseAttempt $diagnose): JsonResponse
    {
        $who = $request->user() ?? abort(401);
        ['diagnosis' => $diagnosis, 'right' => $right, 'seen' => $seen] = $diagnose->execute($who, $attempt, $request->seen());

        return response()->json((new DiagnosisScreenShape($diagnosis, $right, $seen, $who->cannot('beToldFaults', $attempt)))->json());
    }

    public function update(AttemptConfirmRequest $request, Attempt $attempt, ConfirmMistake $confirm): Response
    {
        $confirm->execute($request->user() ?? abort(401), $attempt, $request->kind(), $request->at());

        return response()->noContent();
    }
}
