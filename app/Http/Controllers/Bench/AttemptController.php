<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\Bench\HandInOverdue;
use App\Http\Controllers\Controller;
use App\Http\Resources\Bench\BenchResource;
use App\Http\Resources\Classes\AttemptSummaryResource;
use App\Models\Attempt;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class AttemptController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        return AttemptSummaryResource::collection(
            Attempt::query()->where('trainee_id', $request->user()?->id)->with(['assignment.boardFile'])->orderByDesc('id')->get(),
        );
    }

    public function show(Attempt $attempt, HandInOverdue $overdue): BenchResource
    {
        $this->authorize('view', $attempt);
        $overdue->execute($attempt);

        return BenchResource::make($attempt->load(['assignment.boardFile', 'trainee', 'steps' => fn ($steps) => $steps->orderBy('id')]));
    }
}
