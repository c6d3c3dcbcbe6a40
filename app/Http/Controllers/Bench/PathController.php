<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Bench\ShowPathRequest;
use App\Http\Resources\Bench\PathResource;
use App\Models\Attempt;
use App\Queries\Bench\TracePath;
use App\Queries\Classes\JudgedTry;

final class PathController extends Controller
{
    public function show(ShowPathRequest $request, Attempt $attempt, TracePath $trace): PathResource
    {
        $judgement = JudgedTry::of($attempt, $request->try());

        return PathResource::make($trace->execute($attempt->asOf($judgement), $request->lamp(), $request->state(), $request->isBack()));
    }
}
