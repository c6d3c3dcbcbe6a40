<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Proving\Act;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\Hands;

/** What a board with some fault in it would show to eyes and instruments. */
final class PossibleBoard
{
    private readonly WorkedBoard $untouched;

    private readonly Hands $hands;

    public function __construct(private readonly FaultyBoard $board)
    {
        $this->untouched = $board->untouched();
        $this->hands = $this->untouched->hands();
    }

    /** What a hand or an instrument finds that does this; two readings that a person would call the same are the same. */
    public function shown(BoardUnderTest $proof, Act $act): string
    {
        $outcome = $this->hands->do($this->hands->settled($proof), $act);
        $reading = $outcome->reading;

        return implode(' ', [
            ...array_values($outcome->lamps),
            $outcome->isLive ? implode(' ', $this->untouched->flickering($outcome->after->state)) : '',
            $outcome->isLive ? 'live' : 'dead',
            $outcome->trip->value ?? '-',
            $reading?->shown->value ?? '',
            $reading?->value === null ? '' : (string) round(log10(max(0.1, abs($reading->value))) * 3),
            ...array_map(fn (bool $isLit) => $isLit ? '1' : '0', $reading->lamps ?? []),
        ]);
    }

    /** What lamps and breaker do in these positions, with the supply on. */
    public function lit(int $state): string
    {
        $table = $this->board->suspect->table();

        return implode('', array_map(fn (string $column) => $column[$state], $table->lamps)).$table->trips[$state]
            .implode(' ', $this->untouched->flickering($state));
    }

    /** What eyes find in an open box: what is joined with what, which part is fitted, what is marked. */
    public function inside(string $box): string
    {
        $look = $this->board->suspect->look();
        $seen = [];
        foreach ($look->points as $id => $point) {
            if ($point->enclosure === $box) {
                $joined = $look->jointAt($id)->points ?? [];
                sort($joined);
                $seen[] = $id.':'.implode(',', $joined).':'.($look->markOn($id)->value ?? '');
            }
        }
        foreach ($look->board->devicesIn($box) as $device) {
            $seen[] = $look->modelOf($device)->id;
        }

        return implode(' ', $seen);
    }

    /** What a tester to earth on a point finds, through every position with the supply on. */
    public function isEverLive(string $point): string
    {
        return match ($this->board->suspect->isLive($point)) {
            true => 'live',
            false => 'dead',
            null => 'not there',
        };
    }
}
