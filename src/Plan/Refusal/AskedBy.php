<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

/** Whose rule it is that a board cannot be wired by. */
enum AskedBy: string
{
    /** The edition asks for a neutral at switches. */
    case NeutralByCode = 'neutral-by-code';
    /** The board itself does. */
    case NeutralByBoard = 'neutral-by-board';
    /** The board, or whoever asks, insists on a scheme. */
    case Scheme = 'scheme';
}
