<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\InputRefused;
use Zwindle\Read\JsonText;
use Zwindle\Read\Problems;
use Zwindle\Read\WiringReader;
use Zwindle\Wiring\Wiring;

/** Paths of a board file and a wiring file → the wiring. */
final readonly class ReadWiringFiles
{
    public function __construct(private ReadBoard $readBoard)
    {
    }

    /** @throws InputRefused */
    public function execute(string $boardPath, string $wiringPath): Wiring
    {
        $board = $this->readBoard->execute(self::textOf($boardPath));
        $problems = new Problems;
        $wiring = WiringReader::read(self::textOf($wiringPath), $board, $problems);

        return $wiring ?? throw InputRefused::file('wiring', $problems->all());
    }

    private static function textOf(string $path): string
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw InputRefused::unreadable($path);
        }
        $text = file_get_contents($path, length: JsonText::MOST_BYTES + 1);

        return $text === false ? throw InputRefused::unreadable($path) : $text;
    }
}
