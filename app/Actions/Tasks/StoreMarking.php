<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Models\Marking;
use App\Models\User;

/** Keeps a new marking scheme. */
final class StoreMarking
{
    /** @throws InputRefused with every problem of the marking */
    public function execute(User $instructor, string $json): Marking
    {
        return Marking::query()->create(['instructor_id' => $instructor->id, 'title' => Marking::read($json)->title, 'json' => $json]);
    }
}
