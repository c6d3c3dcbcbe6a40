<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use App\Wording\ConversionSentence;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\PracticeConverter;

/** Puts a board, carried over to another practice, into an instructor's library; once, however often it is asked for. */
final class ConvertBoardFile
{
    /** @return array{file: BoardFile, notes: list<string>} */
    public function execute(User $instructor, BoardFile $file, ?Practice $to): array
    {
        $board = $file->drawing();
        $conversion = PracticeConverter::convert($board, $to);
        $practice = $conversion->board->practice->id;
        $title = mb_substr(__('convert.board-title', ['title' => $board->title, 'practice' => $conversion->board->practice->name]), 0, 200);
        $json = json_encode(
            [...BoardArray::of($conversion->board), 'title' => $title],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
        $converted = BoardFile::query()->firstOrCreate(
            ['instructor_id' => $instructor->id, 'practice' => $practice, 'title' => $title, 'json' => $json],
            ['brief' => __('convert.brief', ['practice' => $board->practice->name])],
        );

        return ['file' => $converted, 'notes' => (new ConversionSentence($board, $conversion))->all()];
    }
}
