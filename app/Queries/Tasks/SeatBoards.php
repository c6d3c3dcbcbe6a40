<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\WorkRefused;
use Zwindle\Board\Board;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Exam\Vary\ShuffledIds;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

/** The board of each seat: its variant, or the drawing where nothing varies; and the file that goes to the seat. */
final class SeatBoards
{
    /**
     * In an exam with ids of its own, so that only what a trainee sees distinguishes it from a board practised before; what a board to
     * finish begins with is named by the ids of the drawing, and keeps them.
     *
     * @return array<string, mixed>
     */
    public static function file(TaskFile $asked, Board $board): array
    {
        $file = BoardArray::of($board);

        return $asked->mode === TaskMode::Exam && $asked->kind !== TaskKind::Finish
            ? ShuffledIds::file($file, new Dice("$asked->seed/ids"))
            : $file;
    }

    /** The board as it is drawn, its runs chosen. */
    public static function asDrawn(Board $drawn): Board
    {
        return (Planner::plan($drawn)->plans[0] ?? null)->wiring->board
            ?? throw WorkRefused::because(['task' => __('messages.no-plan-to-set')]);
    }

    /** @return list<Board> one a seat; all the same where nothing varies */
    public static function of(Board $drawn, TaskFile $asked, int $seats, int $rowLength): array
    {
        if ($asked->varying === []) {
            return array_fill(0, $seats, self::asDrawn($drawn));
        }
        try {
            return array_map(
                fn (Variant $variant) => $variant->board,
                (new Variants($drawn, $asked->varying, $asked->surface))->forSeats($asked->seed, $seats, $rowLength),
            );
        } catch (TooFewVariants $few) {
            throw WorkRefused::because(['task' => __('messages.too-few-variants', [
                'there' => $few->there,
                'wanted' => $few->wanted,
            ])]);
        }
    }
}
