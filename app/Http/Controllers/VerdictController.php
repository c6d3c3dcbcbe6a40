<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeAttempt;
use App\Http\Resources\VerdictResource;
use App\Models\Attempt;

final class VerdictController extends Controller
{
    public function show(Attempt $attempt, JudgeAttempt $judge): VerdictResource
    {
        $this->authorize('judge', $attempt);

        return VerdictResource::make($judge->execute($attempt->loadMissing(['assignment.boardFile', 'appliedSteps'])));
    }
}
