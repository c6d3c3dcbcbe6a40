<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Bench\HandInOverdueOf;
use App\Actions\Classes\ReleaseGrade;
use App\Actions\Classes\TakeBackGrades;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;
use Illuminate\Http\Request;

/** The mark of one person released, or taken back. */
final class AttemptReleaseController extends Controller
{
    public function store(Request $request, Attempt $attempt, ReleaseGrade $release, HandInOverdueOf $overdue): GradeResource
    {
        $this->authorize('observe', $attempt);
        $overdue->execute($attempt->assignment);
        $release->execute($attempt->refresh(), $request->user() ?? abort(401));

        return GradeResource::make($attempt->refresh()->load(['trainee', 'judgement']));
    }

    public function destroy(Request $request, Attempt $attempt, TakeBackGrades $release): GradeResource
    {
        $this->authorize('observe', $attempt);
        $release->execute($attempt, $request->user() ?? abort(401));

        return GradeResource::make($attempt->refresh()->load(['trainee', 'judgement']));
    }
}
