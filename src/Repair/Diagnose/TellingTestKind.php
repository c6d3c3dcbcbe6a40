<?php

declare(strict_types=1);

namespace Zwindle\Repair\Diagnose;

enum TellingTestKind: string
{
    case Look = 'look';
    case Probe = 'probe';
    case Ohm = 'ohm';
}
