<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use Zwindle\Catalogue\Practices\Practice;

/** Copies a board of the library. */
final readonly class CopyBoard
{
    public function __construct(private StoreDrawing $store)
    {
    }

    public function execute(User $instructor, BoardFile $file): BoardFile
    {
        $copy = $this->store->execute($instructor, $file->title, Practice::from($file->practice), $file->brief, $file->json);
        // It is wired the same way.
        $copy->update(['scheme' => $file->scheme, 'scheme_of' => $file->scheme === null ? null : $copy->version]);

        return $copy;
    }
}
