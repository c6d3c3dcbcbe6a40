<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

enum TellingTestKind: string
{
    case Look = 'look';
    case Probe = 'probe';
    case Ohm = 'ohm';
}
