<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use App\Exceptions\InputRefused;
use App\Models\AsFoundSheet;
use App\Models\BoardFile;
use App\Models\User;
use Zwindle\Check\Checker;
use Zwindle\Check\Result;
use Zwindle\Format\Read\EarlierWiring;
use Zwindle\Problem\Problems;
use Zwindle\Repair\NearestPlan;

/** What has to be changed on a board as it was found, keeping every joint that can stay. */
final class PlanFromAsFound
{
    /**
     * @return array{found: Result, gone: list<string>, nearest: NearestPlan|null} null if no plan was found
     *
     * @throws InputRefused if the sheet does not fit the board any more
     */
    public function execute(BoardFile $file, User $instructor, int $number): array
    {
        $board = $file->board();
        $problems = new Problems;
        $sheet = AsFoundSheet::of($file, $instructor, $number);
        $earlier = EarlierWiring::read($sheet->file($board), $board, $problems) ?? throw InputRefused::file('wiring', $problems->all());

        return ['found' => Checker::check($earlier->wiring), 'gone' => $earlier->gone, 'nearest' => NearestPlan::to($earlier->wiring)];
    }
}
