<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\MeterPage;
use App\Exceptions\InputRefused;
use App\Files\ReadWiringFiles;
use App\Shapes\Bench\MeterShape;
use App\Wording\Words;
use Zwindle\Circuit\Net\Circuit;

final class MeterCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:meter
        {board : a *.board.json file}
        {wiring : a *.wiring.json file}
        {from : a point, as S1.common}
        {to : another, as W2.white@B1}
        {--state= : positions, as in S1:up,S2:down; switches not named are up}
        {--live : volts with the supply on, not ohms}
        {--json : print JSON}';

    protected $description = 'What a meter shows between two points: ohms with the supply isolated, or volts';

    public function handle(ReadWiringFiles $readWiringFiles): int
    {
        return $this->orRefuse(function () use ($readWiringFiles): int {
            $wiring = $readWiringFiles->execute((string) $this->argument('board'), (string) $this->argument('wiring'));
            $circuit = Circuit::of($wiring);
            $points = [(string) $this->argument('from'), (string) $this->argument('to')];
            foreach ($points as $point) {
                isset($wiring->points[$point]) || throw InputRefused::option(__('problems.unknown-point', ['point' => $point]));
            }
            $reading = new MeterShape($circuit, $this->state($circuit), ...$points);
            $live = (bool) $this->option('live');
            $this->option('json')
                ? $this->writeJson($reading->json($live))
                : $this->getOutput()->writeln((new MeterPage(Words::of($wiring), $reading, ...$points))->lines($live));

            return self::DONE;
        });
    }
}
