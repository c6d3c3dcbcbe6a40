<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Models\Marking;
use App\Models\User;

/** Saves a marking scheme; what was set with the version before has a copy of its own. */
final class KeepMarking
{
    /** @throws InputRefused with every problem of the marking */
    public function create(User $instructor, string $json): Marking
    {
        return Marking::query()->create(['instructor_id' => $instructor->id, 'title' => Marking::read($json)->title, 'json' => $json]);
    }

    /** @throws InputRefused with every problem of the marking */
    public function update(Marking $marking, string $json): Marking
    {
        $marking->update(['title' => Marking::read($json)->title, 'json' => $json, 'version' => $marking->version + 1]);

        return $marking;
    }
}
