<?php

declare(strict_types=1);

namespace Tests\Rehearsal;

use PHPUnit\Framework\Assert;

/** A task with options of chance, in exactly the fields that the task screen sends. */
final class RandomTask
{
    /**
     * @param  array<string, mixed>  $sent  what the screen sends with nothing chosen
     * @param  array<string, mixed>  $words  what the screen offers for the board
     * @return array<string, mixed>
     */
    public static function of(Chance $chance, array $sent, array $words, string $mode): array
    {
        $isWall = $chance->is(20) && in_array($sent['kind'], ['wire', 'finish'], true);
        $aspects = ['feed', 'lamp', 'order', 'faces', 'labels', 'colours'];
        $varying = $chance->is(50) ? $chance->some($isWall ? $words['movable'] : $aspects, 30) : [];
        $task = [
            ...$sent,
            'title' => $chance->one(['Friday practical', 'Second go', 'Retake, group B']),
            'mode' => $mode,
            'brief' => $chance->one(['', 'Take your time.']),
            'minutes' => $mode === 'exam' ? $chance->one([10, 15, 30, null]) : $chance->one([null, 20]),
            'rules' => (object) self::rules($chance, $words['rules']),
            'positions' => (object) self::positions($chance, $words['habits']),
            'help' => $mode === 'coached' ? $chance->some(['hints', 'labels', 'tester', 'truth-table']) : [],
            'tries' => $chance->one([1, 1, 2, 3]),
            'counts' => $chance->one(['best', 'last', 'first']),
            'order' => $sent['kind'] === 'wire' ? $chance->one([null, null, 'box-by-box', 'farthest-first']) : null,
            'varying' => $varying,
            'surface' => $isWall ? 'wall' : 'screen',
            'seed' => $chance->one(['', "seed {$chance->number(1, 999)}"]),
            'done' => $sent['kind'] === 'finish' ? $chance->some(array_column($words['boxes'], 'id'), 30) : [],
            'questions' => $chance->number(1, 6),
            'faults' => $chance->one([1, 1, 2]),
        ];
        Assert::assertSame([], array_diff_key($task, $sent), 'the screen sends no other field');

        return $task;
    }

    /**
     * @param  list<array{code: string, own: string}>  $rules
     * @return array<string, string>
     */
    private static function rules(Chance $chance, array $rules): array
    {
        $weighed = [];
        foreach ($chance->is(50) ? $chance->some(array_column($rules, 'code'), 20) : [] as $code) {
            $weighed[$code] = $chance->one(['fault', 'remark', 'off']);
        }

        return $weighed;
    }

    /**
     * @param  list<array{id: string, positions: list<array{id: string}>}>  $habits
     * @return array<string, string>
     */
    private static function positions(Chance $chance, array $habits): array
    {
        $taken = [];
        foreach ($chance->is(50) ? $chance->some($habits, 30) : [] as $habit) {
            $taken[$habit['id']] = $chance->one($habit['positions'])['id'];
        }

        return $taken;
    }
}
