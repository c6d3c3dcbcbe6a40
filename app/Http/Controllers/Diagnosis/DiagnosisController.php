<?php

declare(strict_types=1);

namespace App\Http\Controllers\Diagnosis;

use App\Actions\Diagnosis\DiagnoseBoard;
use App\Http\Controllers\Controller;
use App\Http\Requests\Diagnosis\DiagnoseRequest;
use App\Models\BoardFile;
use App\Shapes\Diagnosis\DiagnosisScreenShape;
use Illuminate\Http\JsonResponse;

final class DiagnosisController extends Controller
{
    public function store(DiagnoseRequest $request, BoardFile $boardFile, DiagnoseBoard $diagnose): JsonResponse
    {
        $told = $request->seen();
        ['diagnosis' => $diagnosis, 'right' => $right, 'seen' => $seen] = $diagnose->ofFile($request->instructor(), $boardFile, $told);

        return response()->json((new DiagnosisScreenShape($diagnosis, $right, $seen))->json());
    }
}
