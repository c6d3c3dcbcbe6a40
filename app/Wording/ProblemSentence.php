<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Read\Problem;

/** What is wrong with a file, in words. */
final class ProblemSentence
{
    /** @param  array<string, string>  $names  ids → what they are called instead, where the board is in sight */
    public static function of(Problem $problem, array $names = []): string
    {
        $params = array_map(fn (string|int $param) => $names[$param] ?? $param, $problem->params);

        return __('problems.'.$problem->code->value, $params);
    }

    /**
     * @param  list<Problem>  $problems
     * @param  array<string, string>  $names
     * @return list<array{pointer: string, message: string}>
     */
    public static function all(array $problems, array $names = []): array
    {
        return array_map(fn (Problem $problem) => ['pointer' => $problem->pointer, 'message' => self::of($problem, $names)], $problems);
    }
}
