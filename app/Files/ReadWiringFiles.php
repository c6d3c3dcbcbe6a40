<?php

declare(strict_types=1);

namespace App\Files;

use App\Exceptions\InputRefused;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** Paths of a board file and a wiring file → the wiring. */
final readonly class ReadWiringFiles
{
    public function __construct(private ReadBoardFile $readBoardFile)
    {
    }

    /** @throws InputRefused */
    public function execute(string $boardPath, string $wiringPath): Wiring
    {
        $board = $this->readBoardFile->execute($boardPath);
        $problems = new Problems;
        $wiring = WiringReader::read(ReadBoardFile::textOf($wiringPath), $board, $problems);

        return $wiring ?? throw InputRefused::file('wiring', $problems->all());
    }
}
