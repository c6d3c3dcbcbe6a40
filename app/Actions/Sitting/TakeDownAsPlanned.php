<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\InputRefused;
use App\Models\Attempt;
use App\Models\User;
use Zwindle\Plan\Planner;

/** Takes down a real board that is wired as planned. */
final readonly class TakeDownAsPlanned
{
    public function __construct(private TakeDownBoard $take)
    {
    }

    public function execute(Attempt $attempt, User $who): void
    {
        $wiring = (Planner::plan($attempt->board())->plans[0] ?? null)->wiring ?? throw InputRefused::option(__('as-found.no-such-plan'));
        $this->take->execute($attempt, $wiring, $who);
    }
}
