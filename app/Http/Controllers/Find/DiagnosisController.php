<?php

declare(strict_types=1);

namespace App\Http\Controllers\Find;

use App\Actions\Find\DiagnoseBoard;
use App\Http\Controllers\Controller;
use App\Http\Requests\Find\DiagnoseRequest;
use App\Models\BoardFile;
use App\Shapes\FindShape;
use Illuminate\Http\JsonResponse;

final class DiagnosisController extends Controller
{
    public function store(DiagnoseRequest $request, BoardFile $boardFile, DiagnoseBoard $diagnose): JsonResponse
    {
        $told = $request->seen();
        ['diagnosis' => $diagnosis, 'right' => $right, 'seen' => $seen] = $diagnose->ofFile($request->instructor(), $boardFile, $told);

        return response()->json((new FindShape($diagnosis, $right, $seen))->json());
    }
}
