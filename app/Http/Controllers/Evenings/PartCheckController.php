<?php

declare(strict_types=1);

namespace App\Http\Controllers\Evenings;

use App\Actions\Evenings\CheckPart;
use App\Http\Controllers\Controller;
use App\Models\Evening;
use App\Shapes\Evenings\PartCheckShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Switches and lamps of each station, ohmed out before the clock. */
final class PartCheckController extends Controller
{
    public function show(Evening $evening): JsonResponse
    {
        $this->authorize('view', $evening);

        return response()->json(PartCheckShape::of($evening));
    }

    public function update(Request $request, Evening $evening, CheckPart $check): JsonResponse
    {
        $this->authorize('update', $evening);
        $asked = $request->validate([
            'station' => ['required', 'string', 'max:16'],
            'part' => ['required', 'string', 'max:32'],
            'ok' => ['present', 'nullable', 'boolean:strict'],
            'note' => ['nullable', 'string', 'max:200'],
        ]);
        $check->execute($evening, $asked['station'], $asked['part'], $asked['ok'], $asked['note'] ?? '', $request->user() ?? abort(401));

        return response()->json(PartCheckShape::of($evening->refresh()));
    }
}
