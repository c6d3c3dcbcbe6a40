<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Wording\FindingSentence;
use Zwindle\Check\Result;
use Zwindle\Format\Write\CheckArray;
use Zwindle\Format\Write\MovesArray;
use Zwindle\Repair\Advice;

/** A check's result in the shape of the contract, with its sentences. */
final class CheckShape
{
    /** @return array<string, mixed> */
    public static function of(Advice $advice): array
    {
        $result = $advice->result;
        $array = CheckArray::of($result);
        $sentences = new FindingSentence($result);
        foreach ($result->findings as $i => $finding) {
            $array['findings'][$i]['message'] = $sentences->of($finding);
        }

        $smallest = $advice->smallest();
        $array['repairs'] = MovesArray::ofRepairs($smallest->repairs);
        $array['alsoRepairs'] = MovesArray::ofRepairs($smallest->also);
        $array['tidy'] = array_map(fn (array $moves) => ['moves' => MovesArray::of($moves)], $advice->tidy());

        return $smallest->reason === null ? $array : [...$array, 'repairsReason' => $smallest->reason->value];
    }
}
