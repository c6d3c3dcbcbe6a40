<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Models\Marking;

/** Saves a changed marking scheme; what was set with the version before has a copy of its own. */
final class UpdateMarking
{
    /** @throws InputRefused with every problem of the marking */
    public function execute(Marking $marking, string $json): Marking
    {
        $marking->update(['title' => Marking::read($json)->title, 'json' => $json, 'version' => $marking->version + 1]);

        return $marking;
    }
}
