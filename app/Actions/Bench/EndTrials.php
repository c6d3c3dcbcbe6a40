<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes every try of an instructor away again. */
final readonly class EndTrials
{
    public function __construct(private EndTrial $end)
    {
    }

    public function execute(User $instructor): void
    {
        $trials = Attempt::query()->with('assignment');
        $trials->where('trainee_id', $instructor->id);
        $trials->whereIn('assignment_id', DB::table('assignments')->whereNull('classroom_id')->select('id'));
        foreach ($trials->get() as $trial) {
            $this->end->execute($trial);
        }
    }
}
