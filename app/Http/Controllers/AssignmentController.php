<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetAssignment;
use App\Http\Requests\StoreAssignmentRequest;
use App\Http\Resources\AssignmentResource;
use App\Models\Assignment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class AssignmentController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Assignment::class);
        $assignments = Assignment::query()->whereHas('classroom', fn ($query) => $query->where('instructor_id', $request->user()?->id))
            ->with(['classroom', 'boardFile', 'attempts.trainee', 'attempts.appliedSteps'])
            ->orderByDesc('id')
            ->get();

        return AssignmentResource::collection($assignments);
    }

    public function store(StoreAssignmentRequest $request, SetAssignment $set): JsonResponse
    {
        $assignment = $set->execute($request->classroom(), $request->boardFile(), $request->trainees(), $request->minutes());

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee', 'attempts.appliedSteps']))
            ->response()
            ->setStatusCode(201);
    }
}
