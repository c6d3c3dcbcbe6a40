<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** Something about a board that is allowed and most likely not meant. */
final readonly class BoardWarning
{
    /** @param  list<string>  $about  ids of enclosures, devices or cables */
    public function __construct(
        public BoardWarningKind $kind,
        public array $about,
    ) {
    }
}
