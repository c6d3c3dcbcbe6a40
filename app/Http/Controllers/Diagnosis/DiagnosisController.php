<?php

declare(strict_types=1);

namespace App\Http\Controllers\Diagnosis;

use App\Http\Controllers\Controller;
use App\Http\Requests\Diagnosis\DiagnoseRequest;
use App\Models\BoardFile;
use App\Queries\Diagnosis\DiagnoseBoardFile;
use App\Shapes\Diagnosis\DiagnosisScreenShape;
use Illuminate\Http\JsonResponse;

final class DiagnosisController extends Controller
{
    public function store(DiagnoseRequest $request, BoardFile $boardFile, DiagnoseBoardFile $diagnose): JsonResponse
    {
        $told = $request->seen();
        ['diagnosis' => $diagnosis, 'right' => $right, 'seen' => $seen] = $diagnose->execute($request->instructor(), $boardFile, $told);

        return response()->json((new DiagnosisScreenShape($diagnosis, $right, $seen))->json());
    }
}
