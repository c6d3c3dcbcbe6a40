<?php

declare(strict_types=1);

namespace App\Files;

use App\Exceptions\InputRefused;
use Zwindle\Board\Board;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/** Text of a board file → a board that can be judged. */
final class ReadBoard
{
    /** A class reads the same few boards again and again in one request. */
    private const MOST_KEPT = 60;

    /** @var array<string, Board> by the hash of their text: boards never change */
    private static array $kept = [];

    /**
     * A board of which some runs may still be to be chosen.
     *
     * @throws InputRefused with every problem of the file
     */
    public function undecided(string $text): Board
    {
        $key = hash('sha256', $text);
        if (! isset(self::$kept[$key])) {
            $problems = new Problems;
            $board = BoardReader::read($text, $problems) ?? throw InputRefused::file('board', $problems->all());
            self::$kept = [...array_slice(self::$kept, 1 - self::MOST_KEPT), $key => $board];
        }

        return self::$kept[$key];
    }

    /** @throws InputRefused with every problem of the file */
    public function execute(string $text): Board
    {
        $board = $this->undecided($text);
        $problems = new Problems;
        foreach ($board->undecidedCables() as $cable) {
            $i = array_search($cable, array_keys($board->cables), true);
            $problems->add("/cables/$i/type", ProblemCode::UndecidedCable, ['id' => $cable]);
        }

        return $problems->any() ? throw InputRefused::file('board', $problems->all()) : $board;
    }
}
