<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\SettleLateAct;
use App\Http\Controllers\Controller;
use App\Models\Attempt;
use App\Models\LateAct;
use App\Shapes\Sitting\LateActsShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Answers, photographs and tests that came too late, for the instructor to accept or refuse. */
final class LateActController extends Controller
{
    public function index(Attempt $attempt): JsonResponse
    {
        $this->authorize('observe', $attempt);

        return response()->json(LateActsShape::of($attempt));
    }

    /** A photograph that waits. */
    public function show(Attempt $attempt, int $late): Response
    {
        $this->authorize('observe', $attempt);
        $photograph = LateAct::query()->where(['attempt_id' => $attempt->id, 'kind' => LateAct::PHOTOGRAPH])->findOrFail($late);

        return response((string) base64_decode((string) $photograph->body['jpeg'], true), 200, ['Content-Type' => 'image/jpeg']);
    }

    public function update(Request $request, Attempt $attempt, int $late, SettleLateAct $settle): JsonResponse
    {
        $this->authorize('move', $attempt);
        $request->validate(['accepted' => ['required', 'boolean:strict']]);
        $act = LateAct::query()->where('attempt_id', $attempt->id)->findOrFail($late);
        $settle->execute($attempt, $act, $request->boolean('accepted'), $request->user() ?? abort(401));

        return response()->json(LateActsShape::of($attempt->refresh()));
    }
}
