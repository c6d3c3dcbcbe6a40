<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\AssignmentResource;
use App\Models\Assignment;

final class ReleaseController extends Controller
{
    public function store(Assignment $assignment): AssignmentResource
    {
        $this->authorize('update', $assignment);
        $assignment->update(['released_at' => $assignment->released_at ?? now()]);

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }
}
