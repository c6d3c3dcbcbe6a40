<?php

declare(strict_types=1);

namespace Zwindle\Write;

use Zwindle\Solve\TruthTable;

/** The states of a truth table as JSON, one line a state: 65,536 of them are never held at once. */
final class StateLines
{
    /** @return iterable<string> */
    public static function of(TruthTable $table): iterable
    {
        for ($state = 0; $state < $table->count(); $state++) {
            yield (string) json_encode(CheckArray::state($table, $state), JSON_THROW_ON_ERROR);
        }
    }
}
