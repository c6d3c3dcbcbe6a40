<?php

declare(strict_types=1);

namespace App\Actions\Drills;

use App\Models\Drill;
use App\Models\User;
use Illuminate\Support\Str;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Drill\DrillKind;

/** Begins a drill for one person. */
final class BeginDrill
{
    public function execute(User $person, DrillKind $kind, Practice $practice): Drill
    {
        return Drill::query()->create([
            'user_id' => $person->id,
            'kind' => $kind->value,
            'practice' => $practice->id,
            'seed' => Str::random(32),
            'measured' => [],
            'started_at' => now(),
        ]);
    }
}
