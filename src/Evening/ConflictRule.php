<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** The rules of an evening, which only a fixed sitting can break. */
enum ConflictRule: string
{
    /** Two sittings at one station overlap, or lie closer than the changeover. */
    case Changeover = 'changeover';
    /** A sitting overlaps a break. */
    case Break = 'break';
    /** Overlapping sittings at neighbouring stations have the same variant. */
    case Neighbours = 'neighbours';
    /** Somebody sits twice on the same variant. */
    case RetestVariant = 'retest-variant';
    /** Somebody's second sitting begins sooner than a changeover after the first, or before it. */
    case RetestGap = 'retest-gap';
    /** Somebody sits more often than asked for. */
    case Twice = 'twice';
    /** Somebody sits before they are there. */
    case NotBefore = 'not-before';
    /** A sitting is shorter than this person's time. */
    case TooShort = 'too-short';
    /** There is no variant of that number. */
    case Variant = 'variant';
}
