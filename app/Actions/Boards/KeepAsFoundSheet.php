<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** Keeps the as-found sheet of a board as it was filled in. */
final class KeepAsFoundSheet
{
    /**
     * @throws InputRefused with what is written down wrongly: a place in another box, a terminal that is not there
     */
    public function execute(BoardFile $file, User $instructor, int $number, AsFound $sheet): void
    {
        $board = $file->board();
        $problems = new Problems;
        WiringReader::read($sheet->file($board), $board, $problems) ?? throw InputRefused::file('wiring', $problems->all());
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, $sheet));
    }
}
