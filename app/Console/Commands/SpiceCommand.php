<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ReadWiringFiles;
use App\Exceptions\InputRefused;
use Zwindle\Net\Circuit;
use Zwindle\Write\SpiceDeck;

final class SpiceCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:spice {board : a *.board.json file} {wiring : a *.wiring.json file}
        {--state= : positions, as in S1:up,S2:down; switches not named are up}';

    protected $description = 'Write a SPICE netlist of a wiring in one state';

    public function handle(ReadWiringFiles $readWiringFiles): int
    {
        return $this->orRefuse(function () use ($readWiringFiles): int {
            $wiring = $readWiringFiles->execute((string) $this->argument('board'), (string) $this->argument('wiring'));
            $circuit = Circuit::of($wiring);
            $deck = SpiceDeck::of($circuit, self::stateOf($circuit, (string) $this->option('state')));
            $this->writeRaw($deck);

            return self::DONE;
        });
    }

    /** @throws InputRefused if it names an unknown switch or position */
    private static function stateOf(Circuit $circuit, string $text): int
    {
        $state = 0;
        foreach (array_filter(explode(',', $text), fn (string $part) => trim($part) !== '') as $part) {
            [$id, $position] = array_map(trim(...), [...explode(':', $part, 2), '']);
            $switch = array_search($id, $circuit->switches, true);
            if ($switch === false) {
                throw InputRefused::option(__('problems.unknown-switch', ['id' => $id]));
            }
            if (! in_array($position, ['up', 'down'], true)) {
                throw InputRefused::option(__('problems.unknown-position', ['text' => $position]));
            }
            $bit = $circuit->bitOf($switch);
            $state = $position === 'down' ? $state | $bit : $state & ~$bit;
        }

        return $state;
    }
}
