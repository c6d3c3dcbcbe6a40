<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\FillSentence;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;

/** The figures of a board beside its verdict: box fill in North America; load, drop and readings in Britain. */
final readonly class FigureLines
{
    public function __construct(private Evidence $evidence)
    {
    }

    /**
     * @return list<array{title: string, fits: bool|null, rows: list<array{string, string}>, note: string}> one block for each box,
     *     run or lamp
     */
    public function lines(): array
    {
        return $this->evidence->board->practice->reckonsBoxFill
            ? $this->boxes()
            : (new FiguresShape(new BritishFigures($this->evidence->survey)))->blocks();
    }

    /** @return list<array{title: string, fits: bool|null, rows: list<array{string, string}>, note: string}> */
    private function boxes(): array
    {
        $count = new FillCount($this->evidence->board, $this->evidence->edition, $this->evidence->wiring);
        $sentences = new FillSentence($this->evidence->board);

        return array_map(fn (BoxFill $box) => [
            'title' => $sentences->of($box),
            'fits' => $box->fits(),
            'rows' => array_map(fn (Allowance $allowance) => [
                $sentences->what($allowance),
                "$allowance->count × ".FillSentence::in3($allowance->eachIn3).' = '.FillSentence::in3($allowance->in3()).' in³',
            ], $box->allowances),
            'note' => $sentences->remedy($box),
        ], $count->boxes());
    }
}
