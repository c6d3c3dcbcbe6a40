<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Actions\Tasks\StoreMarking;
use App\Actions\Tasks\UpdateMarking;
use App\Http\Controllers\Controller;
use App\Http\Requests\Tasks\StoreMarkingRequest;
use App\Http\Resources\Tasks\MarkingResource;
use App\Models\Marking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class MarkingController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Marking::class);

        return MarkingResource::collection(Marking::query()->whereNull('instructor_id')->orWhere(
            'instructor_id',
            $request->user()?->id,
        )->orderBy('id')->get());
    }

    public function store(StoreMarkingRequest $request, StoreMarking $keep): JsonResponse
    {
        return MarkingResource::make($keep->execute($request->instructor(), $request->marking()))->response()->setStatusCode(201);
    }

    public function update(StoreMarkingRequest $request, Marking $marking, UpdateMarking $keep): MarkingResource
    {
        return MarkingResource::make($keep->execute($marking, $request->marking()));
    }
}
