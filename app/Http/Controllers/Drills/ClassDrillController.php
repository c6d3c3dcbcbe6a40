<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drills;

use App\Http\Controllers\Controller;
use App\Models\Classroom;
use App\Shapes\Drills\ClassDrillsShape;
use Illuminate\Http\JsonResponse;

final class ClassDrillController extends Controller
{
    public function show(Classroom $classroom): JsonResponse
    {
        $this->authorize('update', $classroom);

        return response()->json((new ClassDrillsShape($classroom))->json());
    }
}
