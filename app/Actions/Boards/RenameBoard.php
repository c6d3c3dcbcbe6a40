<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use Zwindle\Catalogue\Practices\Practice;

/** Gives a board another title, in the list and in its file; whoever is drawing on it learns of it as of any other change. */
final readonly class RenameBoard
{
    public function __construct(private KeepDrawing $keep)
    {
    }

    public function execute(BoardFile $file, string $title): BoardFile
    {
        $json = json_decode($file->json, flags: JSON_THROW_ON_ERROR);
        $json->title = $title;

        $text = json_encode($json, JSON_THROW_ON_ERROR);

        return $this->keep->execute($file, $file->version, $title, Practice::from($file->practice), $text);
    }
}
