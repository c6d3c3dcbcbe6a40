<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Attempt;
use App\Models\KeptStep;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Storage;
use Throwable;
use Zwindle\Format\Write\WiringArray;

/** Logs that an attempt could not be judged, and puts the files aside with which `zwindle:check` shows the same fault. */
final class LogUnjudged
{
    public function execute(Attempt $attempt, Throwable $fault): void
    {
        $folder = "unjudged/attempt-$attempt->id-try-$attempt->tries";
        try {
            $board = $attempt->board_json ?? $attempt->assignment->boardFile->json;
            Storage::disk('local')->put("$folder/board.json", $board);
            Storage::disk('local')->put(
                "$folder/steps.json",
                self::text($attempt->countedSteps()->map(fn (KeptStep $step) => $step->json)->all()),
            );
            Storage::disk('local')->put("$folder/wiring.json", self::text(WiringArray::of($attempt->stepLog()->bench()->wiring())));
        } catch (Throwable $other) {
            report($other);
        }
        Log::error('An attempt could not be judged.', ['attempt' => $attempt->id, 'files' => "storage/app/$folder", 'exception' => $fault]);
    }

    /** @param  array<mixed>  $value */
    private static function text(array $value): string
    {
        return json_encode($value, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
