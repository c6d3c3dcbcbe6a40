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

    /** Bare, green and green-and-yellow belong to the protective conductor in both practices. */
    /** The colours of a North American neutral. */
    public function isWhiteOrGrey(): bool
    {
        return $this === self::White || $this === self::Grey;
    }

    public function isEarths(): bool
    {
        return $this === self::Bare || $this === self::Green || $this === self::GreenYellow;
    }

    /**
     * The letter code on a flag: IEC 60757 in Britain, the trade's three letters in North America (common practice).
     */
    public function flag(Practice $practice): string
    {
        return $practice === Practice::Britain ? $this->iec60757() : $this->threeLetters();
    }

    /** Source: IEC 60757; CPC is the usual short form for an uninsulated protective conductor. */
    private function iec60757(): string
    {
        return match ($this) {
            self::Black => 'BK',
            self::Red => 'RD',
            self::Blue => 'BU',
            self::White => 'WH',
            self::Grey => 'GY',
            self::Green => 'GN',
            self::Bare => 'BARE',
            self::Brown => 'BN',
            self::Yellow => 'YE',
            self::Orange => 'OG',
            self::GreenYellow => 'GNYE',
        };
    }

    private function threeLetters(): string
    {
        return match ($this) {
            self::Black => 'BLK',
            self::Red => 'RED',
            self::Blue => 'BLU',
            self::White => 'WHT',
            self::Grey => 'GRY',
            self::Green => 'GRN',
            self::Bare => 'BARE',
            self::Brown => 'BRN',
            self::Yellow => 'YEL',
            self::Orange => 'ORG',
            self::GreenYellow => 'GN/Y',
        };
    }
}
