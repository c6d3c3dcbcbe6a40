<?php

declare(strict_types=1);

namespace App\Shapes;

use App\Wording\FindingSentence;
use Zwindle\Check\Result;
use Zwindle\Format\Write\CheckArray;
use Zwindle\Format\Write\MovesArray;
use Zwindle\Repair\RepairSearch;

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
        $array['repairs'] = MovesArray::of($smallest);

        return $smallest->reason === null ? $array : [...$array, 'repairsReason' => $smallest->reason->value];
    }
}
