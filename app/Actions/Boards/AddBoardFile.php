<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\InputRefused;
use App\Files\ReadBoard;
use App\Models\BoardFile;
use App\Models\User;

/** Takes a board file into an instructor's library, after every check that the commands make. */
final readonly class AddBoardFile
{
    public function __construct(private ReadBoard $readBoard)
    {
    }

    /** @throws InputRefused and nothing is stored */
    public function execute(User $instructor, string $text): BoardFile
    {
        $board = $this->readBoard->execute($text);

        return BoardFile::query()->create([
            'instructor_id' => $instructor->id,
            'title' => $board->title,
            'practice' => $board->practice->id,
            'brief' => '',
            'json' => $text,
        ]);
    }
}
