<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Bench\HandInOverdueOf;
use App\Actions\Classes\ReleaseGrades;
use App\Actions\Classes\TakeBackGrades;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\AssignmentResource;
use App\Models\Assignment;
use Illuminate\Http\Request;

final class ReleaseController extends Controller
{
    public function store(Request $request, Assignment $assignment, ReleaseGrades $release, HandInOverdueOf $overdue): AssignmentResource
    {
        $this->authorize('update', $assignment);
        $overdue->execute($assignment);
        $release->execute($assignment, $request->user() ?? abort(401));

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }

    public function destroy(Request $request, Assignment $assignment, TakeBackGrades $release): AssignmentResource
    {
        $this->authorize('update', $assignment);
        $release->execute($assignment, $request->user() ?? abort(401));

        return AssignmentResource::make($assignment->load(['classroom', 'boardFile', 'attempts.trainee']));
    }
}
