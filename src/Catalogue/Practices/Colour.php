<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** The colour of a conductor's insulation, or of the bare metal. */
enum Colour: string
{
    case Black = 'black';
    case Red = 'red';
    case Blue = 'blue';
    case White = 'white';
    case Grey = 'grey';
    case Green = 'green';
    case Bare = 'bare';
    case Brown = 'brown';
    case Yellow = 'yellow';
    case Orange = 'orange';
    case GreenYellow = 'green-yellow';

    /** Bare, green and green-and-yellow belong to the protective conductor in every practice. */
    public function isEarths(): bool
    {
        return $this === self::Bare || $this === self::Green || $this === self::GreenYellow;
    }

    /** The letter code on a flag, as the practice writes it. */
    public function flag(Practice $practice): string
    {
        return $practice->flags[$this->value];
    }
}
