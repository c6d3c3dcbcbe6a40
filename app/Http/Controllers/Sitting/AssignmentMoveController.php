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
        $who = $request->user() ?? abort(401);

        return response()->json($move->execute($assignment, $request->move(), $who, $request->minutes(), $request->why()));
    }
}
