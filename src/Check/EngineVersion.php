<?php

declare(strict_types=1);

namespace Zwindle\Check;

/**
 * What a judgement was made by, kept with it: an earlier one is told from a later one by these two numbers.
 *
 * `tests/Unit/Check/EngineVersionTest` keeps what the corpus is judged to be, and fails where that changes and no number does.
 */
final class EngineVersion
{
    /** Counts up when a wiring may get other findings, another severity or another verdict than before. */
    public const RULES = 3;

    /** Counts up when repairs, plans, distances or marks may come out otherwise by the same rules. */
    public const ENGINE = 3;
}
