<?php

declare(strict_types=1);

namespace App\Enums;

/** What made a judgement be worked out. */
enum JudgedAt: string
{
    case HandIn = 'hand-in';
    case Upgrade = 'upgrade';
    case ReGrade = 're-mark';
}
