<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TracePath;
use App\Http\Requests\ShowPathRequest;
use App\Http\Resources\PathResource;
use App\Models\Attempt;

final class PathController extends Controller
{
    public function show(ShowPathRequest $request, Attempt $attempt, TracePath $trace): PathResource
    {
        return PathResource::make($trace->execute($attempt, $request->lamp(), $request->state()));
    }
}
