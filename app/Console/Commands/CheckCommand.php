<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\CheckPage;
use App\Console\Pages\JsonStream;
use App\Files\ReadWiringFiles;
use App\Shapes\Bench\CheckShape;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Format\Write\StateLines;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Pinpoint;

final class CheckCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:check {board : a *.board.json file} {wiring : a *.wiring.json file}
        {--edition= : judge by another edition than the board\'s, as NEC-2014} {--json : print JSON}';

    protected $description = 'Judge a wiring: what the lamp does in every state, and what is wrong where';

    public function handle(ReadWiringFiles $readWiringFiles): int
    {
        return $this->orRefuse(function () use ($readWiringFiles): int {
            $wiring = $readWiringFiles->execute((string) $this->argument('board'), (string) $this->argument('wiring'));
            $result = Pinpoint::of(Checker::check($wiring, $this->edition($wiring->board->practice)));
            $this->option('json') ? $this->writeCheck($result) : (new CheckPage(Advice::of($result)))->print($this->getOutput());

            return $result->verdict === Verdict::Fail ? self::FAILED : self::DONE;
        });
    }

    /** The states are written as they are made: there may be 65,536. */
    private function writeCheck(Result $result): void
    {
        $states = ['states' => StateLines::of($result->evidence->table)];
        JsonStream::write(CheckShape::of(Advice::of($result)), $states, $this->writeRaw(...));
    }
}
