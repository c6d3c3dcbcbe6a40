<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Materials\ShelfLine;

/**
 * What an instructor keeps written down about a part: its price, and how much is on the shelf.
 *
 * @property int $instructor_id
 * @property string $practice
 * @property string $part key of a line of the materials list
 * @property int|null $price_cents
 * @property float|null $held
 */
final class StockLine extends Model
{
    protected $fillable = ['instructor_id', 'practice', 'part', 'price_cents', 'held'];

    protected $casts = ['price_cents' => 'integer', 'held' => 'float'];

    /** @return array<string, ShelfLine> by part */
    public static function shelfOf(User $instructor, Practice $practice): array
    {
        $shelf = [];
        foreach (self::query()->where(['instructor_id' => $instructor->id, 'practice' => $practice->id])->get() as $line) {
            $shelf[$line->part] = new ShelfLine($line->price_cents, $line->held);
        }

        return $shelf;
    }
}
