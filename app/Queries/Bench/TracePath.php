<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Trace\CurrentPath;

/** The current's way towards one lamp of a trainee's board, for chosen positions. */
final class TracePath
{
    /**
     * @return array{path: CurrentPath, isBack: bool, circuit: Circuit}
     *
     * @throws WorkRefused if the board has no such lamp or state
     */
    public function execute(Attempt $attempt, string $lamp, int $state, bool $isBack = false): array
    {
        return $this->along(
            Circuit::of($attempt->loadMissing(['assignment.boardFile', 'appliedSteps'])->stepLog()->bench()->wiring()),
            $lamp,
            $state,
            $isBack,
        );
    }

    /**
     * @return array{path: CurrentPath, isBack: bool, circuit: Circuit}
     *
     * @throws WorkRefused if the circuit has no such lamp or state
     */
    public function along(Circuit $circuit, string $lamp, int $state, bool $isBack = false): array
    {
        if (! in_array($lamp, $circuit->lamps, true)) {
            throw WorkRefused::because(['lamp' => __('messages.unknown-lamp', ['id' => $lamp])]);
        }
        if ($state >= $circuit->stateCount()) {
            throw WorkRefused::because(['state' => __('messages.unknown-state')]);
        }

        $path = $isBack ? CurrentPath::backFrom($circuit, $lamp, $state) : CurrentPath::towards($circuit, $lamp, $state);

        return ['path' => $path, 'isBack' => $isBack, 'circuit' => $circuit];
    }
}
