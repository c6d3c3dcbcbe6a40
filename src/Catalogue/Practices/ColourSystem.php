<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** The scheme of colours that a core belongs to, which decides what its colour says; from the file of its practice. */
final readonly class ColourSystem
{
    /**
     * @param  list<Colour>  $markedAsLine  colours that say, unmarked, that a core is something else than a line conductor
     * @param  list<Colour>  $neutrals
     */
    public function __construct(public string $id, private array $markedAsLine, private array $neutrals)
    {
    }

    /** Whether a core of this colour, unmarked, says that it is something else than a line conductor. */
    public function needsMarkAsLine(Colour $colour): bool
    {
        return in_array($colour, $this->markedAsLine, true);
    }

    /** Whether a neutral may be on a core of this colour. */
    public function isNeutrals(Colour $colour): bool
    {
        return in_array($colour, $this->neutrals, true);
    }
}
