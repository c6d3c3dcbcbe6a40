<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Queries\Classes\JudgedTry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

final class DebriefController extends Controller
{
    public function show(Request $request, Attempt $attempt): JsonResponse
    {
        $this->authorize('judge', $attempt);
        $judgement = JudgedTry::of($attempt, $request->filled('try') ? $request->integer('try') : null);

        $debrief = $judgement->debrief ?? abort(409, __('messages.not-judged'));

        // How a fault was looked for has an answer of its own.
        return response()->json(Arr::except($debrief, ['hunt', 'finding']));
    }
}
