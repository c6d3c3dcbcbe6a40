<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\PlanBoardFile;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPaperRequest;
use App\Models\BoardFile;
use App\Paper\PlanPaper;
use Illuminate\Http\Response;

final class PaperController extends Controller
{
    public function show(ShowPaperRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner): Response
    {
        $found = $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404);

        return response((new PlanPaper($found, $boardFile->brief))->pdf($request->pages(), $request->sheet()), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="zwindle.pdf"',
        ]);
    }
}
