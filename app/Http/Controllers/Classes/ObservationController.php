<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Sitting\MarkBySecond;
use App\Actions\Sitting\ObserveWork;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ObserveRequest;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;

final class ObservationController extends Controller
{
    public function update(ObserveRequest $request, Attempt $attempt, ObserveWork $observe, MarkBySecond $second): GradeResource
    {
        $who = $request->user() ?? abort(401);
        $request->isSecond()
            ? $second->execute($attempt, $request->observed(), $who)
            : $observe->execute($attempt, $request->observed(), $who);

        return GradeResource::make($attempt->load(['trainee', 'judgement']));
    }
}
