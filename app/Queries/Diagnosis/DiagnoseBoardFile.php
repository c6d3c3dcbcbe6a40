<?php

declare(strict_types=1);

namespace App\Queries\Diagnosis;

use App\Exceptions\InputRefused;
use App\Models\BoardFile;
use App\Models\ConfirmedMistake;
use App\Models\User;
use App\Queries\Boards\PlanBoardFile;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;

/** The diagnosis of a board of the library: what its instructor confirmed before teaches it. */
final readonly class DiagnoseBoardFile
{
    public function __construct(private PlanBoardFile $planner)
    {
    }

    /**
     * @param  array<string, mixed>  $seen  states, looks, probes and parts, as the file has them
     * @return array{diagnosis: Diagnosis, right: Wiring, seen: Seen}
     *
     * @throws InputRefused with every problem
     */
    public function execute(User $instructor, BoardFile $file, array $seen): array
    {
        $mistakes = ConfirmedMistake::query();
        $mistakes->where('instructor_id', $instructor->id);

        return DiagnoseSeen::of($this->planner->plan($file, 0, null)?->wiring, $mistakes, $file->id, $seen);
    }
}
