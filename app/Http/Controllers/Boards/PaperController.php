<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPaperRequest;
use App\Models\BoardFile;
use App\Paper\Boards\PlanPaper;
use App\Queries\Boards\PlanBoardFile;
use Illuminate\Http\Response;

final class PaperController extends Controller
{
    use NamesFiles;

    public function show(ShowPaperRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): Response
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);

        $headers = $this->named('pdf', $boardFile->title, __('paper.file.plan'));

        return response((new PlanPaper($found, $boardFile->brief))->pdf($request->pages(), $request->sheet()), 200, $headers);
    }
}
