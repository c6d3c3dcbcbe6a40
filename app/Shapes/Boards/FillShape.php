<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\FillSentence;
use Zwindle\Board\Board;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Fill\OneMoreCable;

/** Box fill in the shape of the contract. */
final class FillShape
{
    /** @return array<string, mixed> */
    public static function of(Board $board, FillCount $count): array
    {
        $sentences = new FillSentence($board);

        return ['boxes' => array_map(fn (BoxFill $box) => [
            'enclosure' => $box->enclosure->id,
            'volumeIn3' => $box->volumeIn3?->toFloat(),
            'usedIn3' => $box->usedIn3->toFloat(),
            'allowances' => array_map(fn (Allowance $allowance) => [
                'what' => $sentences->what($allowance),
                'count' => $allowance->count,
                'eachIn3' => $allowance->eachIn3->toFloat(),
                'in3' => $allowance->in3()->toFloat(),
            ], $box->allowances),
            'fits' => $box->fits(),
            'shortIn3' => $box->shortIn3()?->toFloat(),
            'smallestBox' => $box->smallestBox()?->id,
            'oneMore' => array_map(fn (OneMoreCable $more) => [
                'type' => $more->type->id,
                'usedIn3' => $more->fill->usedIn3->toFloat(),
                'fits' => $more->fill->fits(),
                'remedy' => $sentences->remedy($more->fill),
            ], OneMoreCable::into($box->enclosure, $board, $count)),
        ], $count->boxes())];
    }
}
