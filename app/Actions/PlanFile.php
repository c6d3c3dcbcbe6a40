<?php

declare(strict_types=1);

namespace App\Actions;

use Zwindle\Plan\Plan;
use Zwindle\Write\BoardArray;
use Zwindle\Write\SpiceDeck;
use Zwindle\Write\WiringArray;

/** A plan as a file that the commands take: its board, its wiring, or a netlist with every switch up. */
final class PlanFile
{
    private const NAMES = ['board' => 'board.json', 'wiring' => 'wiring.json', 'spice' => 'cir'];

    /** @return array{name: string, text: string} */
    public function execute(Plan $plan, string $form): array
    {
        $text = match ($form) {
            'board' => self::json(BoardArray::of($plan->wiring->board)),
            'wiring' => self::json(WiringArray::of($plan->wiring)),
            default => SpiceDeck::of($plan->result->evidence->circuit, 0),
        };

        return ['name' => 'zwindle.'.self::NAMES[$form], 'text' => $text];
    }

    /** @param  array<string, mixed>  $array */
    private static function json(array $array): string
    {
        return json_encode($array, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
