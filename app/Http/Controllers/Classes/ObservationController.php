<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ObserveRequest;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;

final class ObservationController extends Controller
{
    public function update(ObserveRequest $request, Attempt $attempt): GradeResource
    {
        $attempt->update(['observed' => $request->observed()]);

        return GradeResource::make($attempt->load(['trainee', 'judgement']));
    }
}
