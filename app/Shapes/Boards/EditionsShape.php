<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;

/** The editions that a board of a practice can be judged by. */
final class EditionsShape
{
    /**
     * @param  string  $own  id of the board's own edition, as it may have been kept by an earlier version
     * @return list<array{id: string, title: string, own: bool}> the newest first; none of an edition that is not known any more
     */
    public static function of(string $own): array
    {
        $practice = Editions::find($own)->practice ?? null;

        return array_reverse(array_map(fn (CodeEdition $edition) => [
            'id' => $edition->id, 'title' => $edition->title, 'own' => $edition->id === $own,
        ], $practice === null ? [] : Editions::of($practice)));
    }
}
