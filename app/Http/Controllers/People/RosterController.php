<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Http\Requests\People\ReadRosterRequest;
use App\Models\Classroom;
use Illuminate\Http\JsonResponse;

final class RosterController extends Controller
{
    /** A pasted list or a file as it would be taken: nothing is stored. */
    public function store(ReadRosterRequest $request, Classroom $classroom): JsonResponse
    {
        return response()->json(['rows' => $request->rows($classroom)]);
    }
}
