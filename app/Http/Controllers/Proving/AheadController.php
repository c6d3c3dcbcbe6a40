<?php

declare(strict_types=1);

namespace App\Http\Controllers\Proving;

use App\Http\Controllers\Controller;
use App\Http\Requests\Proving\ReadAheadRequest;
use App\Models\Attempt;
use App\Queries\Proving\Proving;
use App\Shapes\Proving\ProofShape;
use Illuminate\Http\JsonResponse;
use Zwindle\Bench\PlaceMap;

final class AheadController extends Controller
{
    public function show(ReadAheadRequest $request, Attempt $attempt): JsonResponse
    {
        $proving = Proving::of($attempt);
        $places = PlaceMap::of($proving->circuit->wiring);
        $one = $request->one();
        $readings = $places->find($one) === null
            ? []
            : (new ProofShape($proving))->readingsFrom($request->instrument(), $places->pointAt($one));

        return response()->json(['readings' => (object) $readings]);
    }
}
