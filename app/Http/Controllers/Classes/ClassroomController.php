<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\StoreClassroomRequest;
use App\Http\Requests\Classes\UpdateClassroomRequest;
use App\Http\Resources\Classes\ClassroomResource;
use App\Models\Classroom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ClassroomController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Classroom::class);

        return ClassroomResource::collection(
            Classroom::taughtBy($request->user())->with(['trainees', 'sharedWith'])->orderBy('name')->get(),
        );
    }

    public function store(StoreClassroomRequest $request): JsonResponse
    {
        $classroom = Classroom::query()->create(['instructor_id' => $request->instructor()->id, 'name' => $request->name()]);

        return ClassroomResource::make($classroom->load(['trainees', 'sharedWith']))->response()->setStatusCode(201);
    }

    public function update(UpdateClassroomRequest $request, Classroom $classroom): ClassroomResource
    {
        $classroom->update($request->changes());

        return ClassroomResource::make($classroom->load(['trainees', 'sharedWith']));
    }
}
