<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\ReadWiringFiles;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Format\Write\SpiceDeck;

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
            $deck = SpiceDeck::of($circuit, $this->state($circuit));
            $this->writeRaw($deck);

            return self::DONE;
        });
    }
}
