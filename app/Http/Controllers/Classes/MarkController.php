<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\KeepJudgement;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\MarkResource;
use App\Models\Assignment;
use App\Models\Attempt;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class MarkController extends Controller
{
    public function index(Assignment $assignment): AnonymousResourceCollection
    {
        $this->authorize('view', $assignment);

        return MarkResource::collection($assignment->attempts()->with(['trainee', 'judgement'])->orderBy('seat')->orderBy('id')->get());
    }

    public function show(Attempt $attempt, KeepJudgement $keep): MarkResource
    {
        $this->authorize('judge', $attempt);
        $keep->of($attempt);

        return MarkResource::make($attempt->load(['trainee', 'judgement']));
    }
}
