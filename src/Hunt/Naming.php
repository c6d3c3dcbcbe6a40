<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Repair\Mistake\MistakeKind;

/** What somebody says is wrong, and where: as an act keeps it, `loose-terminal|B2|S2`. */
final readonly class Naming
{
    /** @param  string  $item  the device or the cable; empty: anything in the box */
    public function __construct(public MistakeKind $kind, public string $box, public string $item)
    {
    }

    /** Null for what no naming is. */
    public static function read(string $text): ?self
    {
        [$kind, $box, $item] = [...explode('|', $text, 3), '', ''];
        $known = MistakeKind::tryFrom($kind);

        return $known === null ? null : new self($known, $box, $item);
    }

    public function text(): string
    {
        return "{$this->kind->value}|$this->box|$this->item";
    }
}
