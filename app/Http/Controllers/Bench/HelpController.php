<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Controllers\Controller;
use App\Http\Resources\Bench\HelpResource;
use App\Models\Attempt;

final class HelpController extends Controller
{
    public function show(Attempt $attempt): HelpResource
    {
        $this->authorize('beHelped', $attempt);

        return HelpResource::make($attempt->load(['assignment.boardFile', 'appliedSteps']));
    }
}
