<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use Zwindle\Catalogue\Practices\Practice;

/** Keeps a new drawing in the library of an instructor. */
final class StoreDrawing
{
    public function execute(User $instructor, string $title, Practice $practice, string $brief, string $json): BoardFile
    {
        return BoardFile::query()->create([
            'instructor_id' => $instructor->id,
            'title' => $title,
            'practice' => $practice->id,
            'brief' => $brief,
            'json' => $json,
        ]);
    }
}
