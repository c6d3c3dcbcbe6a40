<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReleaseMarks;
use App\Http\Resources\AssignmentResource;
use App\Models\Assignment;

final class ReleaseController extends Controller
{
    public function store(Assignment $assignment, ReleaseMarks $release): AssignmentResource
    {
        $this->authorize('update', $assignment);
        $release->execute($assignment);

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }
}
