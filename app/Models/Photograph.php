<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture of a box of a real board.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $box
 * @property int $by
 * @property string $jpeg in base 64: text is what every database keeps alike
 * @property Carbon $created_at
 */
final class Photograph extends Model
{
    protected $fillable = ['attempt_id', 'box', 'by', 'jpeg'];

    /** @return list<array{id: int, box: string, at: string}> without the pictures themselves */
    public static function linesOf(Attempt $attempt): array
    {
        $photographs = self::query();
        $photographs->where('attempt_id', $attempt->id)->orderBy('id')->select(['id', 'box', 'created_at']);

        return array_values($photographs->get()->map(fn (self $one) => [
            'id' => $one->id, 'box' => $one->box, 'at' => $one->created_at->toIso8601ZuluString(),
        ])->all());
    }

    public function bytes(): string
    {
        return (string) base64_decode($this->jpeg, true);
    }
}
