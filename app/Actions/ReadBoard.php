<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\InputRefused;
use Zwindle\Board\Board;
use Zwindle\Read\BoardReader;
use Zwindle\Read\ProblemCode;
use Zwindle\Read\Problems;

/** Text of a board file → a board that can be judged. */
final class ReadBoard
{
    /**
     * A board of which some runs may still be to be chosen.
     *
     * @throws InputRefused with every problem of the file
     */
    public function undecided(string $text): Board
    {
        $problems = new Problems;

        return BoardReader::read($text, $problems) ?? throw InputRefused::file('board', $problems->all());
    }

    /** @throws InputRefused with every problem of the file */
    public function execute(string $text): Board
    {
        $problems = new Problems;
        $board = BoardReader::read($text, $problems);
        foreach ($board?->undecidedCables() ?? [] as $cable) {
            $i = array_search($cable, array_keys($board->cables ?? []), true);
            $problems->add("/cables/$i/type", ProblemCode::UndecidedCable, ['id' => $cable]);
        }
        if ($board === null || $problems->any()) {
            throw InputRefused::file('board', $problems->all());
        }

        return $board;
    }
}
