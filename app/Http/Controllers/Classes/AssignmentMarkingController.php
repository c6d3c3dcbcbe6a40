<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Classes\TakeMarking;
use App\Http\Controllers\Controller;
use App\Models\Assignment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A marking that was corrected after it was set: taken as it is now, so that work can be marked again by it. */
final class AssignmentMarkingController extends Controller
{
    public function update(Request $request, Assignment $assignment, TakeMarking $take): JsonResponse
    {
        $this->authorize('update', $assignment);

        return response()->json(['changed' => $take->execute($assignment, $request->user() ?? abort(401))]);
    }
}
