<?php

declare(strict_types=1);

namespace Zwindle\Board;

enum EnclosureKind: string
{
    case Supply = 'supply';
    case SwitchBox = 'switch-box';
    case LightBox = 'light-box';
    case CeilingRose = 'ceiling-rose';
    case JunctionBox = 'junction-box';
}
