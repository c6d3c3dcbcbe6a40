<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Editions;

/** Where an edition asks for a neutral at switches. */
enum NeutralRule: string
{
    case None = 'none';
    case EveryBox = 'every-box';
    /** Every switch box, but none where several switches serve the same lamp and see its floor. */
    case NoneForSeveral = 'none-for-several';
    /** One of the boxes is enough where several switches serve the same lamp. */
    case OneLocation = 'one-location';
}
