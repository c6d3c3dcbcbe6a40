<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Circuit\Solve\TruthTable;

/**
 * The states of a truth table as JSON, one line a state: 65,536 of them are never held at once.
 *
 * The positions are put together from those of two halves of the switches, and what the lamps do is written once for
 * each pattern that shows.
 */
final class StateLines
{
    /** @var array<string, string> pattern → the lamps as JSON */
    private array $lamps = [];

    /** @var list<string> the different columns of the lamps, and that of the trips */
    private readonly array $columns;

    private function __construct(private readonly TruthTable $table)
    {
        $this->columns = array_values(array_unique([...array_values($table->lamps), $table->trips]));
    }

    /** @return iterable<string> */
    public static function of(TruthTable $table): iterable
    {
        $lines = new self($table);
        $switches = array_keys($table->positionsIn(0));
        $low = self::halves(array_slice($switches, intdiv(count($switches), 2)));
        $high = self::halves(array_slice($switches, 0, intdiv(count($switches), 2)));
        $state = 0;
        foreach ($high as $first) {
            foreach ($low as $second) {
                $positions = $first === '' ? $second : "$first,$second";
                yield '{"switches":{'.$positions.'},'.$lines->rest($state).'}';
                $state++;
            }
        }
    }

    /**
     * @param  list<string>  $switches
     * @return list<string> their positions as JSON, all up first and the last changing fastest
     */
    private static function halves(array $switches): array
    {
        $halves = [''];
        foreach ($switches as $switch) {
            $longer = [];
            foreach ($halves as $half) {
                foreach (['up', 'down'] as $position) {
                    $longer[] = ($half === '' ? '' : "$half,").json_encode($switch, JSON_THROW_ON_ERROR).":\"$position\"";
                }
            }
            $halves = $longer;
        }

        return $halves;
    }

    private function rest(int $state): string
    {
        $pattern = '';
        foreach ($this->columns as $column) {
            $pattern .= $column[$state];
        }

        return $this->lamps[$pattern] ??= $this->write($state);
    }

    private function write(int $state): string
    {
        $lamps = [];
        foreach (array_keys($this->table->lamps) as $lamp) {
            $lamps[$lamp] = $this->table->lampIn($lamp, $state)->value;
        }

        return '"lamps":'.json_encode((object) $lamps, JSON_THROW_ON_ERROR).',"trip":'.json_encode(
            $this->table->tripIn($state)?->value,
            JSON_THROW_ON_ERROR,
        );
    }
}
