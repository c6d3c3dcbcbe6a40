<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Attempt;
use Zwindle\Bench\PlaceMap;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Repair\Mistake\Mistake;

/** What somebody sends who looks for a fault, over HTTP. */
final class HuntOnBoard
{
    private static int $count = 0;

    /** The name of a fault as somebody gives it who has found it. */
    public static function named(FaultyBoard $board, Mistake $fault): string
    {
        $at = $fault->at[0];
        $point = $board->right->points[$at] ?? null;
        $device = $board->right->board->devices[$at] ?? null;

        return implode('|', [
            $fault->kind->value,
            $device->enclosure ?? $point?->enclosure,
            $device->id ?? $point?->device ?? $point?->core?->cable ?? '',
        ]);
    }

    /** @return array<string, mixed> what a browser sends for what hands do */
    public static function sent(Act $act, FaultyBoard $board): array
    {
        return $act->kind === ActKind::Tighten
            ? ['kind' => 'tighten', 'one' => PlaceMap::of($board->suspect->look())->placeOf((string) $act->on)]
            : $act->toKeep();
    }

    /** @param  array<string, mixed>  $act */
    public static function act(mixed $test, Attempt $attempt, array $act): mixed
    {
        return $test->postJson("api/attempts/$attempt->id/proof/acts", ['key' => 'f-'.++self::$count, 'act' => $act]);
    }
}
