<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use App\Queries\Boards\Patterns;
use Illuminate\Support\Facades\Lang;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;

/** A bare board with nothing but its feed, a pattern, or a copy of one of the library. */
final readonly class StartDrawing
{
    /** Where the feed hangs at first, in millimetres. */
    private const FEED_AT = [300, 900];

    public function __construct(private Patterns $patterns)
    {
    }

    public function bare(User $instructor, Practice $practice): BoardFile
    {
        $title = __('drawing.bare');

        return $this->store($instructor, $title, $practice, '', json_encode([
            'format' => 'zwindle-board',
            'version' => 1,
            'title' => $title,
            'practice' => $practice->id,
            'code' => Editions::newest($practice)->id,
            'enclosures' => [['id' => 'F', 'kind' => 'supply', 'label' => __('drawing.feed'), 'at' => self::FEED_AT]],
            'devices' => [[
                'id' => 'PS',
                'in' => 'F',
                'model' => DeviceCatalogue::supplyOf($practice)->id,
                ...$practice->supply,
            ]],
            'cables' => [], 'controls' => [], 'alwaysOn' => [], 'wall' => $practice->wall,
        ], JSON_THROW_ON_ERROR));
    }

    /** @param  string  $key  of a pattern that there is */
    public function fromPattern(User $instructor, string $key): BoardFile
    {
        $text = (string) $this->patterns->text($key);
        $board = json_decode($text, flags: JSON_THROW_ON_ERROR);

        $practice = Practice::from($board->practice);
        $brief = Lang::has("patterns.$key", $practice->words) ? __("patterns.$key", [], $practice->words) : '';

        return $this->store($instructor, $board->title, $practice, $brief, $text);
    }

    public function copy(User $instructor, BoardFile $file): BoardFile
    {
        $copy = $this->store($instructor, $file->title, Practice::from($file->practice), $file->brief, $file->json);
        // It is wired the same way.
        $copy->update(['scheme' => $file->scheme, 'scheme_of' => $file->scheme === null ? null : $copy->version]);

        return $copy;
    }

    private function store(User $instructor, string $title, Practice $practice, string $brief, string $json): BoardFile
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
