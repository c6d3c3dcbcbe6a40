<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

/** The named ways of wiring a control. */
enum SchemeName: string
{
    case Single = 'single';
    case FeedThrough = 'feed-through';
    case DeadEnd = 'dead-end';
    case LightFed = 'light-fed';
    case CommonLink = 'common-link';
    case PolaritySwitching = 'polarity-switching';
}
