<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Region;
use Illuminate\Support\Facades\Lang;
use Zwindle\Catalogue\Practices\Practice;

/** What a screen needs to know of each practice: its names, its units, and the words for what it draws itself. */
final class PracticesShape
{
    /**
     * @return list<array{id: string, name: string, short: string, imperial: bool, reckonsBoxFill: bool, gridMm: float,
     *     earths: string, leakageBreaker: string,
     *     cautions: array{hands: string, live: string, neutral: string}, orders: array{boxByBox: string, farthestFirst: string}}>
     */
    public static function all(): array
    {
        return array_values(array_map(fn (Practice $practice) => [
            'id' => $practice->id,
            'name' => Lang::has("parts.practice.$practice->id") ? __("parts.practice.$practice->id") : $practice->name,
            'short' => $practice->short,
            'imperial' => $practice->isImperial,
            'reckonsBoxFill' => $practice->reckonsBoxFill,
            'gridMm' => $practice->gridMm,
            'earths' => __('wall-parts.earths', [], Region::of($practice)),
            'leakageBreaker' => __('wall-parts.leakage-breaker', [], Region::of($practice)),
            'cautions' => [
                'hands' => __('caution.hands', [], Region::of($practice)),
                'live' => __('caution.live', [], Region::of($practice)),
                'neutral' => __('caution.neutral', [], Region::of($practice)),
            ],
            'orders' => [
                'boxByBox' => __('plan.order.box-by-box', [], Region::of($practice)),
                'farthestFirst' => __('plan.order.farthest-first', [], Region::of($practice)),
            ],
        ], Practice::all()));
    }
}
