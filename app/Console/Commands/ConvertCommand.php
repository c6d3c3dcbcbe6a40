<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\ConversionPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Boards\ConversionShape;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\PracticeConverter;

final class ConvertCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:convert
        {board : a *.board.json file}
        {--to= : the practice to carry it to; the other one if it is left out}
        {--out= : write the board of the other practice to this file}
        {--json : print JSON}';

    protected $description = 'Carry a board over to the other practice, and explain what is different there';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->undecided((string) $this->argument('board'));
            $conversion = PracticeConverter::convert($board, $this->practice($board));
            $out = $this->option('out');
            if (is_string($out) && @file_put_contents($out, self::json(BoardArray::of($conversion->board))."\n") === false) {
                throw InputRefused::unwritable($out);
            }
            $this->option('json')
                ? $this->writeJson(ConversionShape::of($board, $conversion))
                : (new ConversionPage($board, $conversion))->print($this->getOutput());

            return $conversion->after === null ? self::FAILED : self::DONE;
        });
    }

    /**
     * @return Practice|null null if none is named
     *
     * @throws InputRefused
     */
    private function practice(Board $board): ?Practice
    {
        $id = $this->option('to');
        $others = $board->practice->others();
        if (! is_string($id)) {
            return null;
        }

        return $others[$id]
            ?? throw InputRefused::option(__('problems.unknown-practice', ['id' => $id, 'detail' => implode(', ', array_keys($others))]));
    }
}
