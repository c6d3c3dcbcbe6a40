<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\ShowPlanFileRequest;
use App\Models\BoardFile;
use App\Paper\Boards\PlanFile;
use App\Queries\Boards\PlanBoardFile;
use Illuminate\Http\Response;

final class PlanFileController extends Controller
{
    use NamesFiles;

    public function show(ShowPlanFileRequest $request, BoardFile $boardFile, int $plan, PlanBoardFile $planner, PlanFile $write): Response
    {
        ['name' => $name, 'type' => $type, 'text' => $text] = $write->execute(
            $planner->plan($boardFile, $plan, $request->edition()) ?? abort(404),
            $request->form(),
        );

        $ending = substr($name, strlen('zwindle.'));

        return response($text, 200, [
            'Content-Type' => $type,
            ...$this->disposition('attachment', $ending, [$boardFile->title, __('paper.file.plan')]),
        ]);
    }
}
