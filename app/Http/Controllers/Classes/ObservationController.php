<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ObserveRequest;
use App\Http\Resources\Classes\MarkResource;
use App\Models\Attempt;

final class ObservationController extends Controller
{
    public function update(ObserveRequest $request, Attempt $attempt): MarkResource
    {
        $attempt->update(['observed' => $request->observed()]);

        return MarkResource::make($attempt->load(['trainee', 'judgement']));
    }
}
