<?php

declare(strict_types=1);

namespace App\Paper\Boards;

use App\Paper\Drawn\BoardSvg;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Format\Write\SpiceDeck;
use Zwindle\Format\Write\WiringArray;
use Zwindle\Plan\Plan;

/** A plan as a file: its board, its wiring, a netlist with every switch up, or the drawing of its board. */
final class PlanFile
{
    private const NAMES = ['board' => 'board.json', 'wiring' => 'wiring.json', 'spice' => 'cir', 'svg' => 'svg', 'blank-svg' => 'svg'];

    /** @return array{name: string, type: string, text: string} */
    public function execute(Plan $plan, string $form): array
    {
        $text = match ($form) {
            'board' => self::json(BoardArray::of($plan->wiring->board)),
            'wiring' => self::json(WiringArray::of($plan->wiring)),
            'svg' => BoardSvg::of($plan, withAnswers: true)->file(),
            'blank-svg' => BoardSvg::of($plan, withAnswers: false)->file(),
            default => SpiceDeck::of($plan->result->evidence->circuit, 0),
        };

        return [
            'name' => 'zwindle.'.self::NAMES[$form],
            'type' => str_ends_with($form, 'svg') ? 'image/svg+xml' : 'text/plain; charset=utf-8',
            'text' => $text,
        ];
    }

    /** @param  array<string, mixed>  $array */
    private static function json(array $array): string
    {
        return json_encode($array, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
