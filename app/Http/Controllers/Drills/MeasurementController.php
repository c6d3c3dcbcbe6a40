<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drills;

use App\Actions\Drills\MeasureInDrill;
use App\Http\Controllers\Controller;
use App\Http\Requests\Drills\MeasureRequest;
use App\Http\Resources\Drills\DrillResource;
use App\Models\Drill;

final class MeasurementController extends Controller
{
    public function store(MeasureRequest $request, Drill $drill, MeasureInDrill $work): DrillResource
    {
        return DrillResource::make($work->execute($drill, $request->measurement()));
    }
}
