<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Catalogue\Editions\CodeEdition;

/** One thing that would let a board be wired: other cables, no neutral asked for, another edition, any scheme. */
final readonly class WayOut
{
    private function __construct(
        public WayOutKind $kind,
        public BoardChange $cables = new BoardChange,
        public ?CodeEdition $edition = null,
    ) {
    }

    public static function cables(BoardChange $change): self
    {
        return new self(WayOutKind::Cables, $change);
    }

    public static function noNeutral(): self
    {
        return new self(WayOutKind::NoNeutral);
    }

    public static function edition(CodeEdition $edition): self
    {
        return new self(WayOutKind::Edition, edition: $edition);
    }

    public static function anyScheme(): self
    {
        return new self(WayOutKind::AnyScheme);
    }
}
