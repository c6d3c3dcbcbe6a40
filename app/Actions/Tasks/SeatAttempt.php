<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Models\Attempt;
use App\Queries\Bench\CountProgress;
use App\Queries\Bench\StartWiring;
use App\Queries\Tasks\SeatBoards;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Format\Write\BoardArray;

/**
 * Gives an attempt that was not begun its seat, its variant and the wiring that is on its board already. A real board is as it is
 * drawn, with the names on its labels.
 */
final readonly class SeatAttempt
{
    public function __construct(private StartWiring $start, private CountProgress $count)
    {
    }

    public function execute(Attempt $attempt, int $seat, TaskFile $asked, Board $board, AsFound $sheet, bool $isOnBoard = false): void
    {
        $attempt->update([
            'seat' => $seat,
            'board_json' => json_encode($isOnBoard ? BoardArray::of($board) : SeatBoards::file($asked, $board), JSON_THROW_ON_ERROR),
            'is_on_board' => $isOnBoard,
            'start_json' => $this->start->execute($asked, $board, $sheet),
        ]);
        $attempt->update($this->count->of($attempt));
    }
}
