<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\InputRefused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\EarlierWiring;
use Zwindle\Format\Write\WiringArray;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistake;

/**
 * What was put wrong on one attempt's board, to be found.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $try
 * @property string $wiring_json the board wired right
 * @property list<string> $mistakes
 * @property int $looks that the shortest search takes
 */
final class PlacedFault extends Model
{
    protected $fillable = ['attempt_id', 'try', 'wiring_json', 'mistakes', 'looks'];

    protected $casts = ['mistakes' => 'array'];

    /** @param  list<Mistake>  $mistakes */
    public static function put(Attempt $attempt, Wiring $right, array $mistakes, int $looks): void
    {
        self::query()->updateOrCreate(['attempt_id' => $attempt->id, 'try' => $attempt->currentTry()], [
            'wiring_json' => json_encode(WiringArray::of($right), JSON_THROW_ON_ERROR),
            'mistakes' => array_map(fn (Mistake $mistake) => $mistake->id(), $mistakes),
            'looks' => $looks,
        ]);
    }

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    public function asCore(Board $board): FaultyBoard
    {
        $problems = new Problems;
        $right = EarlierWiring::read($this->wiring_json, $board, $problems)->wiring ?? throw InputRefused::file('wiring', $problems->all());

        return FaultyBoard::of($right, $this->mistakes);
    }
}
