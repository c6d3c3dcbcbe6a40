<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\DiagnosisPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Diagnosis\DiagnosisShape;
use App\Wording\RefusalSentence;
use App\Wording\Region;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;
use Zwindle\Format\Read\SeenReader;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

final class DiagnoseCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:diagnose {board : a *.board.json file} {seen : a *.seen.json file} {--json : print JSON}';

    protected $description = 'The mistakes that fit what was seen on a standing board, and what to look at next';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->undecided((string) $this->argument('board'));
            $count = count($board->devicesOf(DeviceKind::Switch));
            if ($count > Diagnosis::MOST_SWITCHES) {
                throw InputRefused::option(__('problems.too-many-to-compare', [
                    'count' => $count, 'most' => Diagnosis::MOST_SWITCHES,
                ]));
            }
            $problems = new Problems;
            $seen = SeenReader::read(ReadBoardFile::textOf((string) $this->argument('seen')), $board, $problems);
            if ($seen === null) {
                throw InputRefused::file('seen', $problems->all());
            }
            $meant = $this->meant($board, $seen);
            if ($meant === []) {
                $why = (new RefusalSentence($board))->of(Planner::plan($board));
                throw InputRefused::option(__('mistakes.no-plan', ['why' => $why], Region::of($board->practice)));
            }
            $diagnosis = Diagnosis::of($meant, $seen);
            $this->option('json')
                ? $this->writeJson((new DiagnosisShape($diagnosis))->json())
                : (new DiagnosisPage($board, $diagnosis, $seen->everTripped()))->print($this->getOutput());

            return $diagnosis->fits > 0 || $diagnosis->mayBeRight ? self::DONE : self::FAILED;
        });
    }

    /** @return list<Wiring> */
    private function meant(Board $board, Seen $seen): array
    {
        if ($seen->meant instanceof Wiring) {
            return [$seen->meant];
        }
        $plans = Planner::plan($board, all: $seen->meant === Seen::ANY)->plans;

        return array_map(fn (Plan $plan) => $plan->wiring, $plans);
    }
}
