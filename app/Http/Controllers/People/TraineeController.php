<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\AddTrainees;
use App\Actions\People\ChangeTrainee;
use App\Http\Controllers\Controller;
use App\Http\Requests\People\StoreTraineesRequest;
use App\Http\Requests\People\UpdateTraineeRequest;
use App\Http\Resources\People\TraineeResource;
use App\Models\Classroom;
use App\Models\User;
use App\Shapes\People\SlipShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class TraineeController extends Controller
{
    public function store(StoreTraineesRequest $request, Classroom $classroom, AddTrainees $add): JsonResponse
    {
        $made = $add->execute($classroom, $request->people());

        return response()->json(['slips' => array_map(fn (array $one) => SlipShape::of($one['user'], $one['code']), $made)], 201);
    }

    public function update(UpdateTraineeRequest $request, User $trainee, ChangeTrainee $change): TraineeResource
    {
        return TraineeResource::make($change->execute($trainee, $request->seen(), $request->change()));
    }

    /** Out of a class; what they did in it stays. */
    public function destroy(Classroom $classroom, User $trainee): Response
    {
        $this->authorize('update', $classroom);
        $classroom->letGo($trainee);

        return response()->noContent();
    }
}
