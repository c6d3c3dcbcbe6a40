<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\InputRefused;
use App\Models\Attempt;
use App\Models\User;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** Takes down a real board from the sheet that was filled in beside it. */
final readonly class TakeDownSheet
{
    public function __construct(private TakeDownBoard $take)
    {
    }

    /** @throws InputRefused with what is written down wrongly */
    public function execute(Attempt $attempt, AsFound $sheet, User $who): void
    {
        $board = $attempt->board();
        $problems = new Problems;
        $wiring = WiringReader::read($sheet->file($board), $board, $problems)
            ?? throw InputRefused::file('wiring', $problems->all());
        $this->take->execute($attempt, $wiring, $who);
    }
}
