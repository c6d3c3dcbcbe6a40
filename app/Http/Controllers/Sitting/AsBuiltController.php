<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\TakeDownAsPlanned;
use App\Actions\Sitting\TakeDownSheet;
use App\Http\Controllers\Controller;
use App\Http\Requests\Sitting\AsBuiltRequest;
use App\Models\Attempt;
use App\Shapes\Sitting\AsBuiltShape;
use Illuminate\Http\JsonResponse;

/** A board of wood and copper at a station: what stands there, as planned but for what is otherwise. */
final class AsBuiltController extends Controller
{
    public function show(Attempt $attempt): JsonResponse
    {
        $this->authorize('move', $attempt);

        return response()->json(AsBuiltShape::of($attempt));
    }

    public function update(AsBuiltRequest $request, Attempt $attempt, TakeDownAsPlanned $asPlanned, TakeDownSheet $fromSheet): JsonResponse
    {
        $who = $request->user() ?? abort(401);
        $request->isAsPlanned() ? $asPlanned->execute($attempt, $who) : $fromSheet->execute($attempt, $request->sheet(), $who);

        return response()->json(AsBuiltShape::of($attempt->refresh()));
    }
}
