<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** The scheme of colours that a core belongs to, which decides what its colour says. */
enum ColourSystem
{
    case NorthAmerican;
    case BritishTwoCore;
    case BritishThreeCore;
    case BritishSingle;
    /** Before 2004: red line, black neutral; three-core red, yellow, blue. */
    case OldBritish;

    /**
     * Whether a core of this colour, unmarked, says that it is something else than a line conductor.
     *
     * Source: NEC 200.7(C) (white and grey); BS 7671 514.4 and Table 51 (blue, black and grey sleeved as line); old
     * colours: common practice (black, yellow and blue sleeved red).
     */
    public function needsMarkAsLine(Colour $colour): bool
    {
        return match ($this) {
            self::NorthAmerican => in_array($colour, [Colour::White, Colour::Grey], true),
            self::BritishTwoCore => $colour === Colour::Blue,
            self::BritishThreeCore, self::BritishSingle => in_array($colour, [Colour::Blue, Colour::Black, Colour::Grey], true),
            self::OldBritish => in_array($colour, [Colour::Black, Colour::Yellow, Colour::Blue], true),
        };
    }

    /**
     * Whether a neutral may be on a core of this colour.
     *
     * Source: NEC 200.6(A); BS 7671 514.4.1 (blue); black of the old British colours, whose blue was a line colour of the three-core.
     */
    public function isNeutrals(Colour $colour): bool
    {
        return match ($this) {
            self::NorthAmerican => in_array($colour, [Colour::White, Colour::Grey], true),
            self::BritishTwoCore, self::BritishThreeCore, self::BritishSingle => $colour === Colour::Blue,
            self::OldBritish => $colour === Colour::Black,
        };
    }
}
