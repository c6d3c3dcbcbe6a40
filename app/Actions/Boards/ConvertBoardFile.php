<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use App\Wording\ConversionSentence;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\PracticeConverter;

/** Puts a board, carried over to the other practice, into an instructor's library; once, however often it is asked for. */
final class ConvertBoardFile
{
    /** @return array{file: BoardFile, notes: list<string>} */
    public function execute(User $instructor, BoardFile $file): array
    {
        $board = $file->drawing();
        $conversion = PracticeConverter::convert($board);
        $practice = $conversion->board->practice->value;
        $title = mb_substr(__('convert.board-title', ['title' => $board->title, 'practice' => __("convert.practice.$practice")]), 0, 200);
        $json = json_encode(
            [...BoardArray::of($conversion->board), 'title' => $title],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
        $converted = BoardFile::query()->firstOrCreate(
            ['instructor_id' => $instructor->id, 'practice' => $practice, 'title' => $title, 'json' => $json],
            ['brief' => __('convert.brief', ['practice' => __('convert.practice.'.$board->practice->value)])],
        );

        return ['file' => $converted, 'notes' => (new ConversionSentence($board, $conversion))->all()];
    }
}
