<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ReadWiringFiles;
use App\Wording\CheckReport;
use App\Wording\WordedCheck;
use Zwindle\Check\Checker;
use Zwindle\Check\Verdict;

final class CheckCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:check {board : a *.board.json file} {wiring : a *.wiring.json file} {--json : print JSON}';

    protected $description = 'Judge a wiring: what the lamp does in every state, and what is wrong where';

    public function handle(ReadWiringFiles $readWiringFiles): int
    {
        return $this->orRefuse(function () use ($readWiringFiles): int {
            $wiring = $readWiringFiles->execute((string) $this->argument('board'), (string) $this->argument('wiring'));
            $result = Checker::check($wiring);
            $this->option('json') ? $this->writeJson(WordedCheck::of($result)) : (new CheckReport($result))->print($this->getOutput());

            return $result->verdict === Verdict::Fail ? self::FAILED : self::DONE;
        });
    }
}
