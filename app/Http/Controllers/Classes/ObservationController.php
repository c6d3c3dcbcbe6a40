<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Sitting\ChangeMark;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ObserveRequest;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;

final class ObservationController extends Controller
{
    public function update(ObserveRequest $request, Attempt $attempt, ChangeMark $change): GradeResource
    {
        $who = $request->user() ?? abort(401);
        $request->isSecond()
            ? $change->second($attempt, $request->observed(), $who)
            : $change->observe($attempt, $request->observed(), $who);

        return GradeResource::make($attempt->load(['trainee', 'judgement']));
    }
}
