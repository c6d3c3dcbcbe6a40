<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\MarkResource;
use App\Models\Assignment;
use App\Models\Attempt;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class MarkController extends Controller
{
    public function index(Assignment $assignment): AnonymousResourceCollection
    {
        $this->authorize('view', $assignment);
        $assignment->load(['boardFile', 'attempts.trainee', 'attempts.appliedSteps']);
        $attempts = $assignment->attempts->each(fn (Attempt $attempt) => $attempt->setRelation('assignment', $assignment));

        return MarkResource::collection($attempts->sortBy('seat')->values());
    }

    public function show(Attempt $attempt): MarkResource
    {
        $this->authorize('judge', $attempt);

        return MarkResource::make($attempt->load(['assignment.boardFile', 'trainee', 'appliedSteps']));
    }
}
