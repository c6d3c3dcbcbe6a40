<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drills;

use App\Actions\Drills\AnswerDrill;
use App\Http\Controllers\Controller;
use App\Http\Requests\Drills\AnswerDrillRequest;
use App\Http\Resources\Drills\DrillResource;
use App\Models\Drill;

final class DrillAnswerController extends Controller
{
    public function store(AnswerDrillRequest $request, Drill $drill, AnswerDrill $work): DrillResource
    {
        return DrillResource::make($work->execute($drill, $request->answers()));
    }
}
