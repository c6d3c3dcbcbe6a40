<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/** Where an edition asks for a neutral at switches. */
enum NeutralRule: string
{
    case None = 'none';
    case EveryBox = 'every-box';
    /** One of the boxes is enough where several switches serve the same lamp. */
    case OneLocation = 'one-location';
}
