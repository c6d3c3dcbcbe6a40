<?php

declare(strict_types=1);

namespace App\Actions\Diagnosis;

use App\Exceptions\InputRefused;
use App\Models\Attempt;
use App\Models\ConfirmedMistake;
use App\Models\Sighting;
use App\Models\User;
use App\Queries\Diagnosis\DiagnoseSeen;
use App\Services\KeptPlans;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;

/** Diagnoses the board of an attempt on the wall: what its class confirmed before teaches it. What was seen is kept with the attempt. */
final readonly class DiagnoseAttempt
{
    public function __construct(private KeptPlans $plans)
    {
    }

    /**
     * @param  array<string, mixed>  $seen
     * @return array{diagnosis: Diagnosis, right: Wiring, seen: Seen}
     *
     * @throws InputRefused with every problem
     */
    public function execute(User $who, Attempt $attempt, array $seen): array
    {
        $mistakes = ConfirmedMistake::query();
        $mistakes->where('classroom_id', $attempt->assignment->classroom_id);
        $right = $this->plans->best($attempt->board())?->wiring;
        $found = DiagnoseSeen::of($right, $mistakes, (int) $attempt->assignment->board_file_id, $seen);
        Sighting::query()->updateOrCreate(['attempt_id' => $attempt->id], ['by' => $who->id, 'seen' => $seen]);

        return $found;
    }
}
