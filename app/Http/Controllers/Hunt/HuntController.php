<?php

declare(strict_types=1);

namespace App\Http\Controllers\Hunt;

use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Queries\Classes\JudgedTry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class HuntController extends Controller
{
    /** How a fault was looked for, once the mark may be known. */
    public function show(Request $request, Attempt $attempt): JsonResponse
    {
        $this->authorize('judge', $attempt);
        $judgement = JudgedTry::of($attempt, $request->filled('try') ? $request->integer('try') : null);

        return response()->json($judgement->debrief['hunt'] ?? $judgement->debrief['finding'] ?? abort(404));
    }
}
