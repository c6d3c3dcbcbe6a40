<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

final class HealthController extends Controller
{
    public function show(): JsonResponse
    {
        try {
            DB::select('select 1');
        } catch (Throwable) {
            return response()->json(['status' => 'down', 'database' => 'unreachable'], 503);
        }

        return response()->json(['status' => 'up', 'time' => now()->toIso8601ZuluString('millisecond')]);
    }
}
