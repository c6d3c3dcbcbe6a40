<?php

declare(strict_types=1);

namespace App\Files;

use App\Exceptions\InputRefused;
use Zwindle\Board\Board;
use Zwindle\Format\Read\JsonText;

/** Path of a board file → the board. */
final readonly class ReadBoardFile
{
    public function __construct(private ReadBoard $readBoard)
    {
    }

    /** @throws InputRefused */
    public function execute(string $path): Board
    {
        return $this->readBoard->execute(self::textOf($path));
    }

    /**
     * A board of which some runs may still be to be chosen.
     *
     * @throws InputRefused
     */
    public function undecided(string $path): Board
    {
        return $this->readBoard->undecided(self::textOf($path));
    }

    /** @throws InputRefused */
    public static function textOf(string $path): string
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw InputRefused::unreadable($path);
        }
        $text = file_get_contents($path, length: JsonText::MOST_BYTES + 1);

        return $text === false ? throw InputRefused::unreadable($path) : $text;
    }
}
