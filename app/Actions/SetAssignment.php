<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\InputRefused;
use App\Models\Assignment;
use App\Models\BoardFile;
use App\Models\Classroom;
use Illuminate\Support\Facades\DB;

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
        $boardFile->board();

        return DB::transaction(function () use ($classroom, $boardFile, $trainees, $minutes): Assignment {
            $assignment = $classroom->assignments()->create(['board_file_id' => $boardFile->id, 'minutes' => $minutes]);
            foreach ($trainees as $trainee) {
                $assignment->attempts()->create(['trainee_id' => $trainee]);
            }

            return $assignment;
        });
    }
}
