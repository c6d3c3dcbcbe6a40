<?php

declare(strict_types=1);

namespace App\Http\Controllers\Boards;

use App\Actions\Boards\AskRoom;
use App\Http\Controllers\Controller;
use App\Http\Requests\Boards\AskRoomRequest;
use App\Http\Resources\Boards\RoomQuestionResource;
use App\Models\BoardFile;

final class RoomQuestionController extends Controller
{
    public function show(AskRoomRequest $request, BoardFile $boardFile, int $plan, AskRoom $ask): RoomQuestionResource
    {
        return RoomQuestionResource::make($ask->execute($boardFile, $plan, $request->asked()));
    }
}
