<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\DebriefResource;
use App\Models\Attempt;

final class DebriefController extends Controller
{
    public function show(Attempt $attempt): DebriefResource
    {
        $this->authorize('judge', $attempt);

        return DebriefResource::make($attempt->load(['assignment.boardFile', 'trainee', 'appliedSteps']));
    }
}
