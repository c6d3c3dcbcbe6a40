<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Wording\FindingSentence;
use Zwindle\Check\Result;
use Zwindle\Format\Write\CheckArray;
use Zwindle\Format\Write\MovesArray;
use Zwindle\Repair\RepairSearch;
use Zwindle\Repair\Tidying;

/** A check's result in the shape of the contract, with its sentences. */
final class CheckShape
{
    /** @return array<string, mixed> */
    public static function of(Result $result): array
    {
        $array = CheckArray::of($result);
        $sentences = new FindingSentence($result);
        foreach ($result->findings as $i => $finding) {
            $array['findings'][$i]['message'] = $sentences->of($finding);
        }

        $smallest = RepairSearch::of($result);
        $array['repairs'] = MovesArray::ofRepairs($smallest->repairs);
        $array['alsoRepairs'] = MovesArray::ofRepairs($smallest->also);
        $array['tidy'] = array_map(fn (array $moves) => ['moves' => MovesArray::of($moves)], Tidying::of($result));

        return $smallest->reason === null ? $array : [...$array, 'repairsReason' => $smallest->reason->value];
    }
}
