<?php

declare(strict_types=1);

namespace Zwindle\Check\Findings;

enum Severity: string
{
    case Danger = 'danger';
    case Fault = 'fault';
    case Remark = 'remark';
    case Note = 'note';

    public function fails(): bool
    {
        return $this === self::Danger || $this === self::Fault;
    }
}
