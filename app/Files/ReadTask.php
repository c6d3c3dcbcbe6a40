<?php

declare(strict_types=1);

namespace App\Files;

use App\Exceptions\InputRefused;
use WeakMap;
use Zwindle\Board\Board;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Format\Read\TaskReader;
use Zwindle\Problem\Problems;

/** Text of a task file, for the board that it is asked on → the task; read once for as long as the board is held. */
final class ReadTask
{
    /** @var WeakMap<Board, array<string, TaskFile>>|null by the hash of their text: tasks never change */
    private static ?WeakMap $kept = null;

    /** @throws InputRefused with every problem of the file */
    public function execute(string $text, Board $board): TaskFile
    {
        self::$kept ??= new WeakMap;
        $of = self::$kept[$board] ?? [];
        $key = hash('sha256', $text);
        if (! isset($of[$key])) {
            $problems = new Problems;
            $of[$key] = TaskReader::read($text, $board, $problems) ?? throw InputRefused::file('task', $problems->all());
            self::$kept[$board] = $of;
        }

        return $of[$key];
    }
}
