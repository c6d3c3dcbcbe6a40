<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Classes\FetchTry;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\ShowPathRequest;
use App\Http\Resources\Bench\PathResource;
use App\Models\Attempt;
use App\Queries\Bench\TracePath;

final class PathController extends Controller
{
    public function show(ShowPathRequest $request, Attempt $attempt, TracePath $trace, FetchTry $keep): PathResource
    {
        $judgement = $keep->execute($attempt, $request->try()) ?? abort(404);

        return PathResource::make($trace->execute($attempt->asOf($judgement), $request->lamp(), $request->state(), $request->isBack()));
    }
}
