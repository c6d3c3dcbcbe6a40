<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Http\Controllers\Controller;
use App\Models\Assignment;
use App\Shapes\Sitting\RecordShape;
use Illuminate\Http\JsonResponse;

final class RecordController extends Controller
{
    public function show(Assignment $assignment): JsonResponse
    {
        $this->authorize('view', $assignment);

        return response()->json(RecordShape::of($assignment));
    }
}
