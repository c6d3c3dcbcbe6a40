<?php

declare(strict_types=1);

namespace Zwindle\Diagnose;

enum TellKind: string
{
    case Look = 'look';
    case Probe = 'probe';
    case Ohm = 'ohm';
}
