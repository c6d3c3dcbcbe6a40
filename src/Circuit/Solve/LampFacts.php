<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** What the two sides of a lamp were in the states that did not trip; sides are 0 and 1 in the catalogue's order. */
final class LampFacts
{
    /** @var array{bool, bool} the side was on the line, through closed contacts alone, in some state */
    public array $onLine = [false, false];

    /** @var array{bool, bool} */
    public array $onNeutral = [false, false];

    /** @var array{bool, bool} nearer to the line than the other side, or on it, in some state */
    public array $onLineSide = [false, false];

    /** Off in some state with one side live and the other open, so that it floats at the same voltage. */
    public bool $offWhileFloating = false;

    /** Off in some state with both of its sides on the line. */
    public bool $offWhileOnLine = false;

    /** Some side was tied to the line, directly or through other lamps. */
    public bool $hasLine = false;

    /** Some side was tied to the neutral, directly or through other lamps. */
    public bool $hasNeutral = false;

    /** Its neutral side is opened, or moved to the line, while its other side stays on the line; it was lit before. */
    public function losesNeutral(): bool
    {
        return $this->offWhileFloating || ($this->offWhileOnLine && in_array(true, $this->onNeutral, true));
    }
}
