<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

enum PartKind: string
{
    case Device = 'device';
    case Box = 'box';
    case Cable = 'cable';
    /** What brings a cable into a metal box: a connector or clamp, in Britain a grommet. */
    case Entry = 'entry';
    case Connector = 'connector';
    case Cap = 'cap';
    case Mark = 'mark';
    case Support = 'support';
}
