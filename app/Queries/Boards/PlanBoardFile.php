<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use App\Exceptions\WorkRefused;
use App\Models\BoardFile;
use App\Services\KeptPlans;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planning;

/** What the planner makes of a board in the library: every distinct plan, the best first. */
final readonly class PlanBoardFile
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /** @throws WorkRefused if the edition belongs to the other practice */
    public function execute(BoardFile $file, ?CodeEdition $edition): Planning
    {
        return $this->plans->all(self::board($file, $edition), $edition);
    }

    /**
     * @param  int  $number  place among the plans, from 0
     * @return Plan|null null if there is none so far down
     */
    public function plan(BoardFile $file, int $number, ?CodeEdition $edition): ?Plan
    {
        return $this->plans->one(self::board($file, $edition), $number, $edition);
    }

    private static function board(BoardFile $file, ?CodeEdition $edition): Board
    {
        $board = $file->drawing();
        if ($edition !== null && ! $edition->practice->is($board->practice)) {
            throw WorkRefused::because(['edition' => __('messages.other-practice')]);
        }

        return $board;
    }
}
