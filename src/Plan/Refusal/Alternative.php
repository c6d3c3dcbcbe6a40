<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Catalogue\Editions\CodeEdition;

/** One thing that would let a board be wired: other cables, no neutral asked for, another edition, any scheme. */
final readonly class Alternative
{
    private function __construct(
        public AlternativeKind $kind,
        public BoardChange $cables = new BoardChange,
        public ?CodeEdition $edition = null,
    ) {
    }

    public static function cables(BoardChange $change): self
    {
        return new self(AlternativeKind::Cables, $change);
    }

    public static function noNeutral(): self
    {
        return new self(AlternativeKind::NoNeutral);
    }

    public static function edition(CodeEdition $edition): self
    {
        return new self(AlternativeKind::Edition, edition: $edition);
    }

    public static function anyScheme(): self
    {
        return new self(AlternativeKind::AnyScheme);
    }
}
