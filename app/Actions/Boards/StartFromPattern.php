<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use App\Queries\Boards\Patterns;
use App\Wording\Region;
use Illuminate\Support\Facades\Lang;
use Zwindle\Catalogue\Practices\Practice;

/** Starts a drawing from a pattern. */
final readonly class StartFromPattern
{
    public function __construct(private Patterns $patterns, private StoreDrawing $store)
    {
    }

    /** @param  string  $key  of a pattern that there is */
    public function execute(User $instructor, string $key): BoardFile
    {
        $text = (string) $this->patterns->text($key);
        $board = json_decode($text, flags: JSON_THROW_ON_ERROR);

        $practice = Practice::from($board->practice);
        $brief = Lang::has("patterns.$key", Region::of($practice)) ? __("patterns.$key", [], Region::of($practice)) : '';

        return $this->store->execute($instructor, $board->title, $practice, $brief, $text);
    }
}
