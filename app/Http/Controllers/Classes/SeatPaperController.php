<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ShowSeatPaperRequest;
use App\Models\Assignment;
use App\Paper\Classes\SeatPaper;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class SeatPaperController extends Controller
{
    use NamesFiles;

    public function show(ShowSeatPaperRequest $request, Assignment $assignment): Response
    {
        $task = $assignment->load(['boardFile', 'attempts.trainee'])->attempts->first()?->setRelation('assignment', $assignment)->task();
        if ($task === null || ! $task->kind->isWired()) {
            throw ValidationException::withMessages(['for' => __('messages.no-seat-paper')]);
        }

        return response((new SeatPaper($assignment, $task))->pdf($request->pages(), $request->sheet()), 200, $this->named(
            'pdf',
            $assignment->classroom?->name,
            $assignment->title(),
            __("paper.file.seats-{$request->pages()->value}"),
        ));
    }
}
