<?php

declare(strict_types=1);

namespace App\Http\Controllers\Hunt;

use App\Http\Concerns\NamesFiles;
use App\Http\Controllers\Controller;
use App\Http\Requests\Hunt\FaultCardsRequest;
use App\Models\BoardFile;
use App\Paper\Hunt\FaultCards;
use App\Queries\Boards\PlanBoardFile;
use Illuminate\Http\Response;

final class FaultCardController extends Controller
{
    use NamesFiles;

    public function show(FaultCardsRequest $request, BoardFile $boardFile, PlanBoardFile $planner): Response
    {
        $plan = $planner->plan($boardFile, 0, null) ?? abort(404);
        $cards = new FaultCards($plan->wiring, $request->seats(), $request->seed());

        return response($cards->pdf(), 200, $this->shown('pdf', $boardFile->title, __('paper.file.fault-cards')));
    }
}
