<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Exceptions\InputRefused;
use App\Models\Assignment;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

/** Sets a board of the library to trainees of a class. */
final class SetAssignment
{
    /**
     * @param  list<int>  $trainees  ids; all of the class
     *
     * @throws InputRefused if the board is not finished
     */
    public function execute(Classroom $classroom, BoardFile $boardFile, array $trainees, ?int $minutes): Assignment
    {
        return DB::transaction(function () use ($classroom, $boardFile, $trainees, $minutes): Assignment {
            $boardFile = $this->decided($boardFile);
            $assignment = $classroom->assignments()->create(['board_file_id' => $boardFile->id, 'minutes' => $minutes]);
            $ends = count(Wiring::bare($boardFile->board())->ends());
            $extra = User::query()->whereIn('id', $trainees)->pluck('extra_percent', 'id');
            foreach ($trainees as $trainee) {
                $assignment->attempts()->create([
                    'trainee_id' => $trainee,
                    'placed' => 0,
                    'ends' => $ends,
                    'extra_percent' => $extra[$trainee] ?? 0,
                ]);
            }

            return $assignment;
        });
    }

    /**
     * A board whose runs are still to be chosen is set with the cables that the planner chooses.
     *
     * @throws InputRefused if it has problems, or cannot be wired
     */
    private function decided(BoardFile $file): BoardFile
    {
        $drawn = $file->drawing();
        $plan = $drawn->undecidedCables() === [] ? null : (Planner::plan($drawn)->plans[0] ?? null);
        if ($plan === null) {
            $file->board();

            return $file;
        }
        $frozen = $file->replicate()->fill([
            'frozen_of' => $file->id,
            'json' => json_encode(BoardArray::of($plan->wiring->board), JSON_THROW_ON_ERROR),
        ]);
        $frozen->save();

        return $frozen;
    }
}
