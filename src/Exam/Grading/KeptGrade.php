<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** A mark as it was kept, with what the instructor's eye has said since. Nothing of it is worked out anew but the sum. */
final readonly class KeptGrade
{
    /**
     * @param  array{total: int, passMark: int, critical: string, lines: list<array{part: string, what: string, got: float|int|null,
     *     of: int}>}  $grade
     * @param  array<string, bool>  $observed  id of an observation → what the eye said
     * @return array<string, mixed> the same with `got`, `passes` and `isOpen`
     */
    public static function observed(array $grade, array $observed): array
    {
        $lines = array_map(function (array $line) use ($observed): array {
            if ($line['part'] !== GradePart::Workmanship->value) {
                return $line;
            }
            $seen = $observed[$line['what']] ?? null;

            return [...$line, 'got' => $seen === null ? null : ($seen ? (float) $line['of'] : 0.0)];
        }, $grade['lines']);
        $tally = new Tally(
            array_map(fn (array $line) => $line['got'] === null ? null : (float) $line['got'], $lines),
            $grade['passMark'],
            $grade['critical'] !== '',
        );

        return [...$grade, 'lines' => $lines, 'got' => $tally->got(), 'passes' => $tally->passes(), 'isOpen' => $tally->isOpen()];
    }
}
