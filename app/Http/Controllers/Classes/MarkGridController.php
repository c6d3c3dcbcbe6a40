<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Models\Assignment;
use App\Models\Classroom;
use App\Shapes\Classes\MarkGridShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A class against what was set to it. */
final class MarkGridController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Assignment::class);
        $asked = $request->validate(['classroom' => ['required', 'integer']]);
        $classroom = Classroom::query()->findOrFail((int) $asked['classroom']);
        $this->authorize('update', $classroom);

        return response()->json(MarkGridShape::of($classroom));
    }
}
