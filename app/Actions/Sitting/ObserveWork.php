<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Keeps what the instructor's eye saw of a piece of work, beside what was kept before: two may go round at once. */
final readonly class ObserveWork
{
    public function __construct(private ChangeOnRecord $change)
    {
    }

    /**
     * What is said now comes to what was said before: two may go round at once.
     *
     * @param  array<string, bool>  $observed
     */
    public function execute(Attempt $attempt, array $observed, User $who): void
    {
        DB::transaction(function () use ($attempt, $observed, $who): void {
            $attempt->claim();
            $this->change->execute($attempt, 'observed', [...$attempt->observed ?? [], ...$observed], 'observe', $who);
        });
    }
}
