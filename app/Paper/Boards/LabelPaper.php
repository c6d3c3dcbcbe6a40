<?php

declare(strict_types=1);

namespace App\Paper\Boards;

use App\Enums\LabelSheet;
use App\Paper\Page\Pdf;
use App\Paper\Page\Sheet;
use Zwindle\Catalogue\Practices\Practice;

/** The labels of a board's cable ends on ready-cut sheets, for as many boards as are made. */
final class LabelPaper
{
    /** A label lower than this has room for two lines. */
    private const LOW_MM = 15.0;

    /** @param  list<array{cable: string, end: string, other: string, carries: string}>  $labels  of one board */
    public static function pdf(
        array $labels,
        bool $withAnswers,
        LabelSheet $sheet,
        Sheet $printed,
        Practice $practice,
        string $title,
    ): string {
        $all = array_merge(...array_fill(0, $printed->boards, $labels));
        $used = min($printed->firstLabel, $sheet->labels()) - 1;
        $sheets = array_chunk([...array_fill(0, $used, null), ...$all], $sheet->labels());

        return Pdf::of('paper.label-sheet', [
            'title' => $title,
            'sheets' => array_map(fn (array $labels) => array_filter(array_map(fn (?array $label, int $i) => $label === null ? null : [
                ...$label,
                'at' => $sheet->at($i),
            ], $labels, array_keys($labels))), $sheets),
            'size' => $sheet->size(),
            'isLow' => $sheet->size()[1] < self::LOW_MM,
            'withAnswers' => $withAnswers,
        ], $practice, $title, $sheet->paper());
    }
}
