<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use App\Models\User;
use App\Services\KeptPlans;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** Keeps what was written down of a standing board, from the sheet, from a wiring file, or as a plan has it. */
final readonly class KeepAsFound
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * @throws InputRefused with what is written down wrongly: a place in another box, a terminal that is not there
     */
    public function fromSheet(BoardFile $file, User $instructor, int $number, AsFound $sheet): void
    {
        $board = $file->board();
        $problems = new Problems;
        WiringReader::read($sheet->file($board), $board, $problems) ?? throw InputRefused::file('wiring', $problems->all());
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, $sheet));
    }

    /** @throws InputRefused if it is no wiring of this board */
    public function fromFile(BoardFile $file, User $instructor, int $number, string $text): void
    {
        $problems = new Problems;
        $wiring = WiringReader::read($text, $file->board(), $problems) ?? throw InputRefused::file('wiring', $problems->all());
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, AsFound::of($wiring)));
    }

    /**
     * As a plan has it, to be changed where what stands is otherwise.
     *
     * @throws InputRefused if there is no such plan, or some of the runs are still to be chosen
     */
    public function fromPlan(BoardFile $file, User $instructor, int $number, int $plan): void
    {
        $wiring = $this->plans->one($file->board(), $plan)->wiring ?? throw InputRefused::option(__('as-found.no-such-plan'));
        DB::transaction(fn () => AsFoundSheet::keep($file, $instructor, $number, AsFound::of($wiring)));
    }
}
