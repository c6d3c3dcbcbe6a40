<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\FiguresPage;
use App\Exceptions\InputRefused;
use App\Files\ReadWiringFiles;
use App\Shapes\Boards\FiguresShape;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;

final class FiguresCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:figures
        {board : a *.board.json file of British practice}
        {wiring : a *.wiring.json file}
        {--json : print JSON}';

    protected $description = 'Work out volt drop, R1+R2 and end-to-end readings, and the load, as the board is wired';

    public function handle(ReadWiringFiles $readWiringFiles): int
    {
        return $this->orRefuse(function () use ($readWiringFiles): int {
            $wiring = $readWiringFiles->execute((string) $this->argument('board'), (string) $this->argument('wiring'));
            if ($wiring->board->practice->reckonsBoxFill) {
                throw InputRefused::option(__('problems.no-figures'));
            }
            $figures = new BritishFigures(new Survey(Circuit::of($wiring)));
            $this->option('json')
                ? $this->writeJson((new FiguresShape($figures))->json())
                : (new FiguresPage($figures))->print($this->getOutput());

            return self::DONE;
        });
    }
}
