<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\MoveAll;
use App\Http\Controllers\Controller;
use App\Http\Requests\Sitting\MoveRequest;
use App\Models\Assignment;
use Illuminate\Http\JsonResponse;

final class AssignmentMoveController extends Controller
{
    public function store(MoveRequest $request, Assignment $assignment, MoveAll $move): JsonResponse
    {
        $moved = $move->execute($assignment, $request->move(), $request->user() ?? abort(401), $request->minutes(), $request->why());

        return response()->json(['moved' => $moved]);
    }
}
