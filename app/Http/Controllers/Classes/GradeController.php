<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Resources\Classes\GradeResource;
use App\Models\Assignment;
use App\Models\Attempt;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class GradeController extends Controller
{
    public function index(Assignment $assignment): AnonymousResourceCollection
    {
        $this->authorize('view', $assignment);

        $attempts = $assignment->attempts()->with(['trainee', 'judgement', 'assignment']);
        $attempts->orderBy('seat')->orderBy('id');

        return GradeResource::collection($attempts->get());
    }

    public function show(Attempt $attempt): GradeResource
    {
        $this->authorize('judge', $attempt);

        return GradeResource::make($attempt->load(['trainee', 'judgement']));
    }
}
