<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** What a task asks of a trainee. */
enum TaskKind: string
{
    /** Wire it from bare. */
    case Wire = 'wire';
    /** Finish what others began, or add to what stands. */
    case Finish = 'finish';
    /** Choose the parts from a bin with look-alikes. */
    case Parts = 'parts';
    /** Name screws and cables. */
    case Names = 'names';
    /** Say what the lamp does in given positions. */
    case Predict = 'predict';
    /** Put the current's path in order. */
    case Trace = 'trace';
    /** Find what was put wrong on a right board, put it right and prove it. */
    case Fault = 'fault';

    /** Whether it is done with the hands, at the bench; the rest are answers. */
    public function isWired(): bool
    {
        return $this === self::Wire || $this === self::Finish;
    }
}
