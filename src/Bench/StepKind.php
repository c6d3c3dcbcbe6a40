<?php

declare(strict_types=1);

namespace Zwindle\Bench;

/** What a trainee can do in one step. */
enum StepKind: string
{
    case Land = 'land';
    case Gather = 'gather';
    case Take = 'take';
    case Cap = 'cap';
    case Mark = 'mark';
    case Undo = 'undo';
    case Redo = 'redo';
}
