<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Exceptions\SeatsWouldFail;
use App\Models\Assignment;

/** Keeps an exam shut while a seat of it could not be sat or judged. */
final readonly class RefuseSeatsThatFail
{
    public function __construct(private DryRun $dryRun)
    {
    }

    /** @throws SeatsWouldFail if any would */
    public function execute(Assignment $assignment): void
    {
        $failing = $this->dryRun->execute($assignment);
        $failing === [] || throw new SeatsWouldFail($failing);
    }
}
