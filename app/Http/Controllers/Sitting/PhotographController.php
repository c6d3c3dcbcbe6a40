<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\KeepPhotograph;
use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Sitting\PhotographRequest;
use App\Models\Attempt;
use App\Models\Photograph;
use App\Services\ExamGate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Photographs of the boxes of a real board: kept with its attempt, never sent anywhere else. */
final class PhotographController extends Controller
{
    use NamesFiles;

    public function index(Attempt $attempt): JsonResponse
    {
        $this->authorize('lookForFaults', $attempt);

        return response()->json(Photograph::linesOf($attempt));
    }

    public function store(PhotographRequest $request, Attempt $attempt, KeepPhotograph $keep): JsonResponse
    {
        $counts = $keep->execute($attempt, $request->user() ?? abort(401), $request->box(), $request->jpeg(), $request->madeAt());

        // 202: it came after the end, and waits for the instructor.
        return response()->json(Photograph::linesOf($attempt), $counts ? 201 : 202);
    }

    public function show(Attempt $attempt, Photograph $photograph): Response
    {
        $this->authorize('lookForFaults', $attempt);
        abort_if($photograph->attempt_id !== $attempt->id, 404);

        return response($photograph->bytes(), 200, [
            ...$this->shown('jpg', $attempt->assignment->title(), $attempt->trainee->name, $photograph->box),
            'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    public function destroy(Request $request, Attempt $attempt, Photograph $photograph): JsonResponse
    {
        $this->authorize('lookForFaults', $attempt);
        abort_if($photograph->attempt_id !== $attempt->id, 404);
        $this->authorize('delete', $photograph);
        ExamGate::refuse(ExamGate::refusalOfPhotographs($attempt, $request->user() ?? abort(401)), 'jpeg');
        $photograph->delete();

        return response()->json(Photograph::linesOf($attempt));
    }
}
