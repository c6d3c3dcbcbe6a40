<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

enum PartKind: string
{
    case Device = 'device';
    case Box = 'box';
    case Cable = 'cable';
    case Connector = 'connector';
    case Cap = 'cap';
    case Mark = 'mark';
    case Support = 'support';
}
