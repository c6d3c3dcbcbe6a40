<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Boards\ReadBoardFile;
use App\Console\Pages\ConversionPage;
use App\Exceptions\InputRefused;
use App\Shapes\ConversionShape;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\PracticeConverter;

final class ConvertCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:convert
        {board : a *.board.json file}
        {--out= : write the board of the other practice to this file}
        {--json : print JSON}';

    protected $description = 'Carry a board over to the other practice, and explain what is different there';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->undecided((string) $this->argument('board'));
            $conversion = PracticeConverter::convert($board);
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
}
