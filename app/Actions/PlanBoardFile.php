<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BoardFile;
use Illuminate\Validation\ValidationException;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;

/** What the planner makes of a board in the library: every distinct plan, the best first. */
final class PlanBoardFile
{
    /** @throws ValidationException if the edition belongs to the other practice */
    public function execute(BoardFile $file, ?CodeEdition $edition): Planning
    {
        $board = $file->drawing();
        if ($edition !== null && $edition->practice !== $board->practice) {
            throw ValidationException::withMessages(['edition' => __('messages.other-practice')]);
        }

        return Planner::plan($board, all: true, edition: $edition);
    }

    /**
     * @param  int  $number  place among the plans, from 0
     * @return Plan|null null if there is none so far down
     */
    public function plan(BoardFile $file, int $number, ?CodeEdition $edition): ?Plan
    {
        return $this->execute($file, $edition)->plans[$number] ?? null;
    }
}
