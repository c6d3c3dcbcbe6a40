<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Exceptions\DrawingMovedOn;
use App\Models\BoardFile;
use Illuminate\Support\Facades\DB;
use Zwindle\Catalogue\Practices\Practice;

/** Saves a drawing, finished or not; what was set with the version before keeps that one. */
final class KeepDrawing
{
    /**
     * @param  int  $base  version that the drawing was made on
     * @param  string  $json  JSON text of a board file that may yet have problems
     *
     * @throws DrawingMovedOn if another version was saved since
     */
    public function execute(BoardFile $file, int $base, string $title, Practice $practice, string $json): BoardFile
    {
        return DB::transaction(function () use ($file, $base, $title, $practice, $json): BoardFile {
            // Writing first waits its turn where another worker saves at the same moment (decision 9).
            $taken = BoardFile::query()->where('id', $file->id)->where('version', $base)->update(['version' => $base + 1]);
            $file->refresh();
            if ($taken === 0) {
                throw new DrawingMovedOn($file->version);
            }
            if ($file->json !== $json && $file->assignments()->exists()) {
                $this->freeze($file, $base);
            }
            $file->update(['title' => $title, 'practice' => $practice->id, 'json' => $json]);

            return $file;
        });
    }

    private function freeze(BoardFile $file, int $version): void
    {
        $frozen = $file->replicate()->fill(['frozen_of' => $file->id, 'version' => $version]);
        $frozen->save();
        $file->assignments()->update(['board_file_id' => $frozen->id]);
    }
}
