<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Check\Result;
use Zwindle\Write\CheckArray;

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

        return $array;
    }
}
