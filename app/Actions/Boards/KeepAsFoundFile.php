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

/** Fills in the as-found sheet of a board from a wiring file. */
final class KeepAsFoundFile
{
    /** @throws InputRefused if it is no wiring of this board */
    public function execute(BoardFile $file, User $instructor, int $number, string $text): void
    {
        $problems = new Problems;
        $wiring = WiringReader::read($text, $file->board(), $problems) ?? throw InputRefused::file('wiring', $problems->all());
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, AsFound::of($wiring)));
    }
}
