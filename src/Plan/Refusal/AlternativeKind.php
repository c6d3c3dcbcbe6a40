<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

/** What would have to change for a board to be wired. */
enum AlternativeKind: string
{
    case Cables = 'cables';
    /** The board asks for no neutral at its switches. */
    case NoNeutral = 'no-neutral';
    case Edition = 'edition';
    case AnyScheme = 'any-scheme';
}
