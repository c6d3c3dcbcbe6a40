<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Actions\Sitting\OverrideLine;
use App\Actions\Sitting\WriteNote;
use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Attempt;
use Illuminate\Http\Request;

/** A line or the whole of a mark given by hand, with the reason; what the instructor says of the work. */
final class MarkChangeController extends Controller
{
    public function update(Request $request, Attempt $attempt, OverrideLine $change): GradeResource
    {
        $this->authorize('reMark', $attempt);
        $asked = $request->validate([
            'line' => ['required', 'string', 'max:120'],
            'points' => ['present', 'nullable', 'numeric', 'min:0', 'max:1000'],
            'why' => ['required', 'string', 'min:3', 'max:500'],
        ]);
        $points = $asked['points'] === null ? null : (float) $asked['points'];
        $change->execute($attempt, $asked['line'], $points, trim($asked['why']), $request->user() ?? abort(401));

        return GradeResource::make($attempt->refresh()->load(['trainee', 'judgement']));
    }

    public function store(Request $request, Attempt $attempt, WriteNote $change): GradeResource
    {
        $this->authorize('observe', $attempt);
        $asked = $request->validate(['note' => ['present', 'nullable', 'string', 'max:2000']]);
        $change->execute($attempt, trim($asked['note'] ?? ''), $request->user() ?? abort(401));

        return GradeResource::make($attempt->refresh()->load(['trainee', 'judgement']));
    }
}
