<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** A mark as it was kept, with what eye and hand of the instructor have said since. Nothing of it is worked out anew but the sum. */
final readonly class KeptGrade
{
    /** What an instructor changes where the whole is changed, not a line of it. */
    public const TOTAL = 'total';

    /**
     * @param  array{total: int, passMark: int, critical: string, lines: list<array{part: string, what: string, got: float|int|null,
     *     of: int}>}  $grade
     * @param  array<string, bool>  $observed  id of an observation → what the eye said
     * @param  array<string, array{points: float|int, why: string}>  $overrides  line (`key`) or `total` → points given by hand
     * @return array<string, mixed> the same with `got`, `passes`, `isOpen`, and of each line and the whole what was changed by hand
     */
    public static function observed(array $grade, array $observed, array $overrides = []): array
    {
        $lines = array_map(function (array $line) use ($observed, $overrides): array {
            $got = $line['got'];
            if ($line['part'] === GradePart::Workmanship->value) {
                $seen = $observed[$line['what']] ?? null;
                $got = $seen === null ? null : ($seen ? (float) $line['of'] : 0.0);
            }
            $override = $overrides[self::key($line)] ?? null;

            return [
                ...$line,
                'key' => self::key($line),
                'got' => $override === null ? $got : (float) $override['points'],
                'byHand' => $override === null ? null : ['was' => $got, 'why' => $override['why']],
            ];
        }, $grade['lines']);
        $tally = new Tally(
            array_map(fn (array $line) => $line['got'] === null ? null : (float) $line['got'], $lines),
            $grade['passMark'],
            $grade['critical'] !== '',
        );
        $total = $overrides[self::TOTAL] ?? null;

        return [
            ...$grade,
            'lines' => $lines,
            'got' => $total === null ? $tally->got() : (float) $total['points'],
            'passes' => $total === null ? $tally->passes() : $total['points'] >= $grade['passMark'],
            'isOpen' => $total === null && $tally->isOpen(),
            'byHand' => $total === null ? null : ['was' => $tally->got(), 'why' => $total['why']],
        ];
    }

    /**
     * What a line is called when it is changed by hand.
     *
     * @param  array{part: string, what: string}  $line
     */
    public static function key(array $line): string
    {
        return $line['what'] === '' ? $line['part'] : "{$line['part']}/{$line['what']}";
    }
}
