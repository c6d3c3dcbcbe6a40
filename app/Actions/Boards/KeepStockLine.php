<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\StockLine;
use App\Models\User;
use Zwindle\Catalogue\Practices\Practice;

/** Writes down the price or the stock of a part; what is left empty is no longer kept. */
final class KeepStockLine
{
    public function execute(User $instructor, Practice $practice, string $part, ?int $priceCents, ?float $held): void
    {
        StockLine::query()->upsert(
            [[
                'instructor_id' => $instructor->id,
                'practice' => $practice->id,
                'part' => $part,
                'price_cents' => $priceCents,
                'held' => $held,
            ]],
            ['instructor_id', 'practice', 'part'],
            ['price_cents', 'held'],
        );
    }
}
