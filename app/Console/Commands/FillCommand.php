<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\FillPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Boards\FillShape;
use Zwindle\Check\Fill\FillCount;

final class FillCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:fill {board : a *.board.json file of North American practice}
        {--edition= : count by another edition than the board\'s, as NEC-2017} {--json : print JSON}';

    protected $description = 'Count the box fill, box by box, with every allowance';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->execute((string) $this->argument('board'));
            if (! $board->practice->reckonsBoxFill) {
                throw InputRefused::option(__('problems.no-box-fill'));
            }
            $edition = $this->edition($board->practice) ?? $board->edition;
            $count = new FillCount($board, $edition);
            $this->option('json')
                ? $this->writeJson(FillShape::of($board, $count))
                : (new FillPage($board, $edition, $count))->print($this->getOutput());

            return self::DONE;
        });
    }
}
