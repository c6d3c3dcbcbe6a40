<?php

declare(strict_types=1);

namespace App\Shapes;

use App\Wording\FindingSentence;
use Zwindle\Check\Result;
use Zwindle\Format\Write\CheckArray;
use Zwindle\Format\Write\MovesArray;
use Zwindle\Repair\Repairs;

/** A check's result in the shape of the contract, with its sentences. */
final class WordedCheck
{
    /** @return array<string, mixed> */
    public static function of(Result $result): array
    {
        $array = CheckArray::of($result);
        $sentences = new FindingSentence($result);
        foreach ($result->findings as $i => $finding) {
            $array['findings'][$i]['message'] = $sentences->of($finding);
        }

        $mending = Repairs::of($result);
        $array['repairs'] = MovesArray::of($mending);

        return $mending->reason === null ? $array : [...$array, 'repairsReason' => $mending->reason->value];
    }
}
