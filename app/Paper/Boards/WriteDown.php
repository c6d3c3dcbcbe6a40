<?php

declare(strict_types=1);

namespace App\Paper\Boards;

/**
 * What a trainee fills in by hand, conductor by conductor: in columns beside one another where one would go over the page.
 *
 * @phpstan-type Rows list<array<string, string>>
 */
final class WriteDown
{
    private const ONE_COLUMN = 10;

    private const TWO_COLUMNS = 18;

    private const MOST_IN_ONE = 6;

    /** Of a Letter page, without its margins, its head and where one signs. */
    private const PAGE_MM = 183.0;

    private const LINE_MM = 6.6;

    /** Of the paragraphs over it. */
    private const TEXT_MM = 4.6;

    private const BETWEEN_MM = 3.4;

    private const LETTERS_A_LINE = 95;

    /** A drawing lower than this shows nothing: the page is turned over then. */
    private const LEAST_MM = 50.0;

    /** @param  Rows  $schedule */
    public static function columnsFor(array $schedule): int
    {
        return count($schedule) <= self::ONE_COLUMN ? 1 : (count($schedule) <= self::TWO_COLUMNS ? 2 : 3);
    }

    /**
     * As even as whole boxes allow.
     *
     * @param  Rows  $schedule
     * @return list<array<string, Rows>> column by column: box → its rows
     */
    public static function columns(array $schedule): array
    {
        $boxes = self::boxes($schedule);
        $columns = [];
        for ($left = min(self::columnsFor($schedule), count($boxes)); $left > 1; $left--) {
            $taken = self::evenCut($boxes, $left);
            $columns[] = array_slice($boxes, 0, $taken);
            $boxes = array_slice($boxes, $taken);
        }

        return [...$columns, $boxes];
    }

    /**
     * What is left of a page, in millimetres, for the drawing over it.
     *
     * @param  Rows  $schedule
     * @param  list<string>  $texts  paragraphs over the drawing
     */
    public static function roomOver(array $schedule, array $texts): float
    {
        $lines = self::columnsFor($schedule) === 1 ? count($schedule) : max(array_map(self::height(...), self::columns($schedule)));

        $text = array_sum(array_map(
            fn (string $one) => $one === '' ? 0.0 : self::BETWEEN_MM + ceil(mb_strlen($one) / self::LETTERS_A_LINE) * self::TEXT_MM,
            $texts,
        ));

        return max(self::LEAST_MM, self::PAGE_MM - $lines * self::LINE_MM - $text);
    }

    /**
     * A box of many cables goes on under its name once more, so that it may go on in the next column.
     *
     * @param  Rows  $schedule
     * @return array<string, Rows>
     */
    private static function boxes(array $schedule): array
    {
        $boxes = [];
        $heads = [];
        $cable = '';
        foreach ($schedule as $row) {
            $head = $heads[$row['box']] ?? $row['box'];
            if ($row['cable'] !== $cable && count($boxes[$head] ?? []) >= self::MOST_IN_ONE) {
                $head = __('paper.more-of', ['box' => $head]);
            }
            $heads[$row['box']] = $head;
            $cable = $row['cable'];
            $boxes[$head][] = $row;
        }

        return $boxes;
    }

    /**
     * How many boxes the first of some columns takes, so that the highest of them all is as low as can be.
     *
     * @param  array<string, Rows>  $boxes
     */
    private static function evenCut(array $boxes, int $columns): int
    {
        [$best, $least] = [1, INF];
        for ($taken = 1; $taken <= count($boxes) - $columns + 1; $taken++) {
            $rest = array_slice($boxes, $taken);
            $after = $columns === 2 ? count($rest) : self::evenCut($rest, $columns - 1);
            $parts = [array_slice($boxes, 0, $taken), array_slice($rest, 0, $after), array_slice($rest, $after)];
            $highest = max(array_map(self::height(...), $parts));
            if ($highest < $least) {
                [$best, $least] = [$taken, $highest];
            }
        }

        return $best;
    }

    /**
     * A line for the name of each box, and one for each of its conductors.
     *
     * @param  array<string, Rows>  $boxes
     */
    private static function height(array $boxes): int
    {
        return array_sum(array_map(fn (array $rows) => 1 + count($rows), $boxes));
    }
}
