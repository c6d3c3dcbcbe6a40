<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** An exam that stays shut: some of its seats could not be sat or judged. */
final class SeatsWouldFail extends RuntimeException
{
    /** @param  non-empty-list<array{attempt: int, seat: int|null, name: string, why: string}>  $seats */
    public function __construct(public readonly array $seats)
    {
        parent::__construct(trans_choice('sitting.dry.stays-shut', count($seats), ['count' => count($seats)]));
    }

    /** @return list<array{pointer: string, message: string}> */
    public function problems(): array
    {
        return array_map(fn (array $seat) => [
            'pointer' => "/seats/{$seat['attempt']}",
            'message' => __('sitting.dry.seat', ['seat' => $seat['seat'] ?? '', 'name' => $seat['name'], 'why' => $seat['why']]),
        ], $this->seats);
    }
}
