<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

enum DeviceKind: string
{
    case Supply = 'supply';
    case Switch = 'switch';
    case Lamp = 'lamp';
    case Receptacle = 'receptacle';
    case Rose = 'rose';
}
