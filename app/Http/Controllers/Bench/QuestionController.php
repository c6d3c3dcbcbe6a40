<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\HandInOverdue;
use App\Actions\Bench\KeepAnswers;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\KeepAnswersRequest;
use App\Http\Resources\Bench\QuestionsResource;
use App\Models\Attempt;
use Illuminate\Http\Response;

final class QuestionController extends Controller
{
    public function show(Attempt $attempt, HandInOverdue $overdue): QuestionsResource
    {
        $this->authorize('view', $attempt);
        $overdue->execute($attempt);

        return QuestionsResource::make($attempt->load(['assignment.boardFile', 'trainee']));
    }

    /** 202 where it came after the end, and waits for the instructor. */
    public function update(KeepAnswersRequest $request, Attempt $attempt, KeepAnswers $keep): Response
    {
        $counts = $keep->execute($attempt, $request->question(), $request->answer(), $request->madeAt());

        return response('', $counts ? 204 : 202);
    }
}
