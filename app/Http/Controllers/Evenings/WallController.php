<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Http\Controllers\Controller;
use App\Models\Evening;
use App\Services\Presence;
use App\Shapes\Sitting\WallShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The room as it stands; nothing (204) where the asker has it already. */
final class WallController extends Controller
{
    public function show(Request $request, Evening $evening, Presence $presence): JsonResponse|Response
    {
        $this->authorize('view', $evening);
        $wall = WallShape::of($evening, $presence);
        $tag = hash('xxh64', json_encode($wall, JSON_THROW_ON_ERROR));
        if ($request->query('have') === $tag) {
            return response()->noContent();
        }

        return response()->json([...$wall, 'tag' => $tag, 'serverTime' => now()->toIso8601ZuluString('millisecond')]);
    }
}
