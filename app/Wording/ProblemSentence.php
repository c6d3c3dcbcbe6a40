<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;
use Zwindle\Problem\Problem;
use Zwindle\Problem\ProblemCode;

/** What is wrong with a file, in words. */
final class ProblemSentence
{
    /** @param  array<string, string>  $names  ids → what they are called instead, where the board is in sight */
    public static function of(Problem $problem, array $names = []): string
    {
        $params = array_map(fn (string|int $param) => $names[$param] ?? $param, $problem->params);

        return $problem->code === ProblemCode::NotAsSchema ? self::ofSchema($params) : __('problems.'.$problem->code->value, $params);
    }

    /** @param  array<string, string|int>  $params */
    private static function ofSchema(array $params): string
    {
        $key = 'problems.schema.'.($params['keyword'] ?? '');
        $words = fn (string $list, string $names) => implode(
            ', ',
            array_map(fn (string $name) => Lang::has("problems.$list.$name") ? __("problems.$list.$name") : $name, explode(', ', $names)),
        );
        foreach (['field' => 'field', 'missing' => 'field', 'type' => 'type', 'expected' => 'type'] as $param => $list) {
            $params[$param] = $words($list, (string) ($params[$param] ?? ''));
        }

        return __(Lang::has($key) ? $key : 'problems.not-as-schema', $params);
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
