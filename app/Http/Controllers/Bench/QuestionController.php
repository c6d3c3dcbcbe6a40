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

    public function update(KeepAnswersRequest $request, Attempt $attempt, KeepAnswers $keep): Response
    {
        $keep->execute($attempt, $request->question(), $request->answer());

        return response()->noContent();
    }
}
