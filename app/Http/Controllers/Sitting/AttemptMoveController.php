<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sitting;

use App\Actions\Sitting\MoveSitting;
use App\Http\Controllers\Controller;
use App\Http\Requests\Sitting\MoveRequest;
use App\Http\Resources\Classes\AttemptSummaryResource;
use App\Models\Attempt;

final class AttemptMoveController extends Controller
{
    public function store(MoveRequest $request, Attempt $attempt, MoveSitting $move): AttemptSummaryResource
    {
        $move->execute($attempt, $request->move(), $request->user() ?? abort(401), $request->minutes(), $request->why());

        return AttemptSummaryResource::make($attempt->refresh()->load(['trainee', 'assignment.boardFile']));
    }
}
