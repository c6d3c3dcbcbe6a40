<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Files\ReadBoard;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\AskNeutralRequest;
use App\Wording\ChangeSentence;
use Illuminate\Http\JsonResponse;
use Zwindle\Plan\Refusal\NeutralAt;

final class DrawingNeutralController extends Controller
{
    public function store(AskNeutralRequest $request, ReadBoard $read): JsonResponse
    {
        $board = $read->undecided($request->text());
        $answer = isset($board->enclosures[$request->box()]) ? NeutralAt::in($board, $request->box()) : abort(404);

        return response()->json([
            'sentence' => $answer === null ? __('drawing.no-plan-yet') : (new ChangeSentence($board))->neutral($answer),
        ]);
    }
}
