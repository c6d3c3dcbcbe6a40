<?php

declare(strict_types=1);

namespace App\Paper\Proving;

use App\Paper\Page\Pdf;
use App\Queries\Proving\Proving;
use App\Shapes\Proving\ProofShape;

/** What was tested on one board, as a page of the product's own layout. */
final readonly class TestSheetPaper
{
    public function __construct(private Proving $proving)
    {
    }

    public function pdf(): string
    {
        $report = (new ProofShape($this->proving))->report();
        $board = $this->proving->circuit->wiring->board;

        return Pdf::of('paper.test-sheet', [
            'title' => $board->title,
            'who' => $this->proving->attempt->trainee->name,
            'supply' => $board->supply(),
            'report' => $report,
        ], $board->practice, $board->title, $board->practice->paper);
    }
}
