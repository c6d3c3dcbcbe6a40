<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\CompareGrade;
use App\Actions\Classes\KeepJudgement;
use App\Actions\Classes\LetJudgementStand;
use App\Enums\JudgedAt;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ReGradeRequest;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;
use App\Models\Record;
use Illuminate\Http\JsonResponse;

final class ReGradeController extends Controller
{
    /** What would change if it were judged again now; nothing is kept. */
    public function show(Attempt $attempt, CompareGrade $reGrade): JsonResponse
    {
        $this->authorize('reMark', $attempt);

        return response()->json($reGrade->execute($attempt));
    }

    /** Takes what the rules of today say, or keeps what stood and asks no more. */
    public function store(ReGradeRequest $request, Attempt $attempt, KeepJudgement $keep, LetJudgementStand $reGrade): GradeResource
    {
        $before = ['verdict' => $attempt->verdict];
        $request->isTaken() ? $keep->execute($attempt, JudgedAt::ReGrade, $attempt->judgement) : $reGrade->execute($attempt);
        Record::add('re-mark', $attempt, $request->user(), $before, ['verdict' => $attempt->refresh()->verdict]);

        return GradeResource::make($attempt->load(['trainee', 'judgement']));
    }
}
