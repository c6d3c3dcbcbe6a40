<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\PlacedFault;
use App\Queries\Bench\CountProgress;
use App\Queries\Tasks\DealFaults;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;

/** Puts the faults of a task into the boards of its seats, equally hard to find on each. */
final readonly class PlaceFaults
{
    public function __construct(private DealFaults $deal, private CountProgress $count)
    {
    }

    /**
     * Does nothing for a task of another kind.
     *
     * @param  list<Attempt>  $attempts  with their boards, in the order of their seats
     *
     * @throws WorkRefused where a board has not so many faults of the kinds that are asked for
     */
    public function execute(TaskFile $asked, array $attempts): void
    {
        if ($asked->kind !== TaskKind::Fault || $attempts === []) {
            return;
        }
        [$seats, $dealt] = $this->deal->execute($asked, array_map(fn (Attempt $attempt) => $attempt->board(), $attempts));
        foreach ($attempts as $i => $attempt) {
            PlacedFault::put($attempt, $seats[$i], $dealt[$i]['faults'], $dealt[$i]['looks']);
            $attempt->unsetRelation('placedFaults')->update($this->count->of($attempt));
        }
    }
}
