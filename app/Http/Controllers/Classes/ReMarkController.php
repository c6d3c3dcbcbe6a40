<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\KeepJudgement;
use App\Actions\Classes\ReMark;
use App\Enums\JudgedAt;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ReMarkRequest;
use App\Http\Resources\Classes\MarkResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;

final class ReMarkController extends Controller
{
    /** What would change if it were judged again now; nothing is kept. */
    public function show(Attempt $attempt, ReMark $reMark): JsonResponse
    {
        $this->authorize('reMark', $attempt);

        return response()->json($reMark->look($attempt));
    }

    /** Takes what the rules of today say, or keeps what stood and asks no more. */
    public function store(ReMarkRequest $request, Attempt $attempt, KeepJudgement $keep, ReMark $reMark): MarkResource
    {
        $request->isTaken() ? $keep->execute($attempt, JudgedAt::ReMark) : $reMark->letStand($attempt);

        return MarkResource::make($attempt->load(['trainee', 'judgement']));
    }
}
