<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

/**
 * Safe isolation, step by step, the same on both sides of the ocean.
 *
 * Source: HSE GS38 and HSG85 (memory); 29 CFR 1910.333(b)(2), NFPA 70E 120.5 (memory).
 */
enum IsolationStep: string
{
    case Identify = 'identify';
    case Isolate = 'isolate';
    case Lock = 'lock';
    case Tag = 'tag';
    case ProveBefore = 'prove-before';
    case LineNeutral = 'line-neutral';
    case LineEarth = 'line-earth';
    case NeutralEarth = 'neutral-earth';
    case ProveAfter = 'prove-after';
}
