<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Models\Classroom;
use App\Shapes\Classes\TonightShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class TonightController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Classroom::class);

        return response()->json(TonightShape::of($request->user()));
    }
}
