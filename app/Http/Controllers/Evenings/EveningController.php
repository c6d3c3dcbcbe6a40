<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Actions\Evenings\StoreEvening;
use App\Actions\Evenings\UpdateEvening;
use App\Http\Controllers\Controller;
use App\Http\Requests\Evenings\EveningRequest;
use App\Http\Resources\Classes\EveningResource;
use App\Models\Assignment;
use App\Models\Classroom;
use App\Models\Evening;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class EveningController extends Controller
{
    private const MOST = 60;

    public function index(Request $request): AnonymousResourceCollection
    {
        $this->authorize('viewAny', Evening::class);
        $evenings = Evening::query()->with(['classroom', 'assignment' => fn ($exam) => $exam->withCount(Assignment::doneCounts())]);
        $evenings->whereIn('classroom_id', Classroom::taughtBy($request->user())->pluck('id'))->orderByDesc('id')->limit(self::MOST);

        return EveningResource::collection($evenings->get());
    }

    public function show(Evening $evening): EveningResource
    {
        $this->authorize('view', $evening);

        return EveningResource::make($evening);
    }

    public function store(EveningRequest $request, StoreEvening $keep): JsonResponse
    {
        $evening = $keep->execute(
            $request->classroom(),
            $request->task(),
            $request->string('title')->value(),
            $request->startsAt(),
            $request->draft(),
            $request->user() ?? abort(401),
        );

        return EveningResource::make($evening)->response()->setStatusCode(201);
    }

    public function update(EveningRequest $request, Evening $evening, UpdateEvening $keep): EveningResource
    {
        $keep->execute(
            $evening,
            $request->integer('base'),
            $request->string('title')->value(),
            $request->startsAt(),
            $request->draft(),
            $request->user() ?? abort(401),
        );

        return EveningResource::make($evening->refresh());
    }
}
