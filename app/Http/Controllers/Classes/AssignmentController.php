<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\SetAssignment;
use App\Actions\Classes\TakeBackSetting;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\StoreAssignmentRequest;
use App\Http\Resources\Classes\AssignmentResource;
use App\Models\Assignment;
use App\Models\Classroom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

final class AssignmentController extends Controller
{
    /** What was set, with how many have handed in; the attempts of one of them come with `show`. */
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Assignment::class);
        $classrooms = Classroom::taughtBy($request->user())->whereNull('archived_at')->pluck('id');
        $assignments = Assignment::query()->with(['classroom', 'boardFile'])
            ->withCount(['attempts', 'attempts as handed_in_count' => fn ($attempts) => $attempts->whereNotNull('handed_in_at')])
            ->whereIn('classroom_id', $classrooms)
            ->orderByDesc('id')
            ->get();

        return AssignmentResource::collection($assignments);
    }

    /** One of them with its attempts; nothing (204) where the asker has its newest version. */
    public function show(Request $request, Assignment $assignment): AssignmentResource|Response
    {
        $this->authorize('view', $assignment);
        if ($request->query('have') === $assignment->versionTag()) {
            return response()->noContent();
        }

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }

    /** Takes a setting back, until somebody has begun. */
    public function destroy(Request $request, Assignment $assignment, TakeBackSetting $takeBack): Response
    {
        $this->authorize('update', $assignment);
        $takeBack->execute($assignment, $request->user() ?? abort(401));

        return response()->noContent();
    }

    public function store(StoreAssignmentRequest $request, SetAssignment $set): JsonResponse
    {
        $assignment = $set->execute($request->classroom(), $request->boardFile(), $request->trainees(), $request->minutes());

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']))
            ->response()
            ->setStatusCode(201);
    }
}
