<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Bench\HandInOverdue;
use App\Actions\Classes\ReleaseGrades;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\AssignmentResource;
use App\Models\Assignment;

final class ReleaseController extends Controller
{
    public function store(Assignment $assignment, ReleaseGrades $release, HandInOverdue $overdue): AssignmentResource
    {
        $this->authorize('update', $assignment);
        $assignment->handInOverdue($overdue);
        $release->execute($assignment);

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }
}
