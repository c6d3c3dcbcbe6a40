<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Status;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How the installation is, for instructors. */
final class StatusController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        abort_if($request->user()?->isInstructor() !== true, 404);

        return response()->json(['time' => now()->toIso8601ZuluString('millisecond'), 'lines' => Status::lines()]);
    }
}
