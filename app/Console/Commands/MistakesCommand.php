<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\MistakesPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Tasks\MistakesShape;
use App\Wording\RefusalSentence;
use App\Wording\Region;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnosis\Telling\MistakesByTable;
use Zwindle\Plan\Planner;

final class MistakesCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:mistakes {board : a *.board.json file}
        {--flips= : what was flipped in turn, as S1,S2,S1: which mistakes would have passed} {--json : print JSON}';

    protected $description = 'What flipping can and cannot tell: every usual mistake on a board, and every two, by truth table';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->undecided((string) $this->argument('board'));
            $flips = $this->flips($board);
            $planning = Planner::plan($board);
            if ($planning->plans === []) {
                return $this->failed($board, (new RefusalSentence($board))->of($planning));
            }
            [$right, $catalogue] = [$planning->plans[0]->result, MistakesByTable::of($planning->plans[0]->wiring)];
            $this->option('json')
                ? $this->writeJson((new MistakesShape($right, $catalogue, $flips))->json())
                : (new MistakesPage($right, $catalogue, $flips))->print($this->getOutput());

            return self::DONE;
        });
    }

    /**
     * @return list<string>
     *
     * @throws InputRefused if it names an unknown switch, or the board has too many
     */
    private function flips(Board $board): array
    {
        $switches = array_column($board->devicesOf(DeviceKind::Switch), 'id');
        if (count($switches) > MistakesByTable::MOST_SWITCHES) {
            throw InputRefused::option(__('problems.too-many-to-compare', [
                'count' => count($switches),
                'most' => MistakesByTable::MOST_SWITCHES,
            ]));
        }
        $flips = array_values(array_filter(
            array_map(trim(...), explode(',', (string) $this->option('flips'))),
            fn (string $flip) => $flip !== '',
        ));
        foreach (array_diff($flips, $switches) as $unknown) {
            throw InputRefused::option(__('problems.unknown-switch', ['id' => $unknown]));
        }

        return $flips;
    }

    private function failed(Board $board, string $why): int
    {
        $message = __('mistakes.no-plan', ['why' => $why], Region::of($board->practice));
        $this->option('json')
            ? $this->writeJson(['mistakes' => [], 'impossible' => ['message' => $message]])
            : $this->getOutput()->writeln($message);

        return self::FAILED;
    }
}
