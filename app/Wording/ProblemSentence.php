<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Read\Problem;

/** What is wrong with a file, in words. */
final class ProblemSentence
{
    public static function of(Problem $problem): string
    {
        return __('problems.'.$problem->code->value, $problem->params);
    }

    /**
     * @param  list<Problem>  $problems
     * @return list<array{pointer: string, message: string}>
     */
    public static function all(array $problems): array
    {
        return array_map(fn (Problem $problem) => ['pointer' => $problem->pointer, 'message' => self::of($problem)], $problems);
    }
}
