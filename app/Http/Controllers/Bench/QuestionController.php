<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\KeepAnswers;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\KeepAnswersRequest;
use App\Http\Resources\Bench\QuestionsResource;
use App\Models\Attempt;
use App\Services\Presence;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use stdClass;

final class QuestionController extends Controller
{
    public function show(Request $request, Attempt $attempt, Presence $presence): QuestionsResource
    {
        $this->authorize('view', $attempt);
        $presence->opened($attempt, $request->user());

        return QuestionsResource::make($attempt->load(['assignment.boardFile', 'trainee']));
    }

    /** 202 where it came after the end, and waits for the instructor. */
    public function update(KeepAnswersRequest $request, Attempt $attempt, KeepAnswers $keep): Response|JsonResponse
    {
        $counts = $keep->execute($attempt, $request->question(), $request->answer(), $request->madeAt());

        return $counts ? response()->noContent() : response()->json(new stdClass, 202);
    }
}
