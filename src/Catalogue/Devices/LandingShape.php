<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

enum LandingShape: string
{
    case Screw = 'screw';
    case Hole = 'hole';
    case Block = 'block';
    case Lead = 'lead';
}
