<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** A mark as it was kept, with what the instructor's eye has said since. Nothing of it is worked out anew but the sum. */
final readonly class KeptMark
{
    /**
     * @param  array{total: int, passMark: int, critical: string, lines: list<array{part: string, what: string, got: float|int|null, of: int}>}  $mark
     * @param  array<string, bool>  $observed  id of an observation → what the eye said
     * @return array<string, mixed> the same with `got`, `passes` and `isOpen`
     */
    public static function observed(array $mark, array $observed): array
    {
        $lines = array_map(function (array $line) use ($observed): array {
            if ($line['part'] !== Part::Workmanship->value) {
                return $line;
            }
            $seen = $observed[$line['what']] ?? null;

            return [...$line, 'got' => $seen === null ? null : ($seen ? (float) $line['of'] : 0.0)];
        }, $mark['lines']);
        $tally = new Tally(array_map(fn (array $line) => $line['got'] === null ? null : (float) $line['got'], $lines), $mark['passMark'], $mark['critical'] !== '');

        return [...$mark, 'lines' => $lines, 'got' => $tally->got(), 'passes' => $tally->passes(), 'isOpen' => $tally->isOpen()];
    }
}
