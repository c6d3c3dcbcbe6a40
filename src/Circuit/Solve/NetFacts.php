<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** What a net was in the states that did not trip. */
final class NetFacts
{
    /** Tied to the supply's line through closed contacts alone, in some state. */
    public bool $tiedToLine = false;

    public bool $tiedToNeutral = false;

    public bool $tiedToEarth = false;

    /** At 10 % of nominal voltage or more to the supply's earth, in some state. */
    public bool $live = false;
}
