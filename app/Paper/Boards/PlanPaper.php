<?php

declare(strict_types=1);

namespace App\Paper\Boards;

use App\Enums\Page;
use App\Paper\Drawn\BoardSvg;
use App\Paper\Drawn\DiagramSvg;
use App\Paper\OpenBox\OpenBoxSvg;
use App\Paper\Page\Fronts;
use App\Paper\Page\Pdf;
use App\Paper\Page\Sheet;
use App\Shapes\Boards\AsFoundShape;
use App\Shapes\Boards\MaterialsShape;
use App\Shapes\Boards\PrepareShape;
use App\Wording\PlanStepSentence;
use App\Wording\Region;
use Illuminate\Support\Facades\View;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Plan\Materials\CutAllowances;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanStep;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;
use Zwindle\Schematic\Diagram;

/** The pages of a plan as a PDF, in ink alone. */
final readonly class PlanPaper
{
    public function __construct(private Plan $plan, private string $brief)
    {
    }

    /** @param  list<Page>  $pages */
    public function pdf(array $pages, Sheet $sheet = new Sheet): string
    {
        $board = $this->plan->wiring->board;
        $data = $this->data($sheet->boards);
        if ($sheet->labels !== null) {
            $withAnswers = ! in_array(Page::BlankLabels, $pages, true);

            return LabelPaper::pdf($data['lists']['labels'], $withAnswers, $sheet->labels, $sheet, $board->practice, $board->title);
        }
        $printed = self::repeated($pages, $sheet->boards);

        return Pdf::of(
            'paper.plan',
            ['pages' => $sheet->isDuplex ? $this->onFronts($printed, $data, $sheet) : $printed, ...$data],
            $board->practice,
            $board->title,
            $sheet->size,
        );
    }

    /**
     * With a blank side where a part would begin on the back of another.
     *
     * @param  list<array{page: Page, board: int|null}>  $printed
     * @param  array<string, mixed>  $data
     * @return list<array{page: Page|null, board: int|null}>
     */
    private function onFronts(array $printed, array $data, Sheet $sheet): array
    {
        return Fronts::of(
            $printed,
            fn (array $one) => $one['page']->value,
            fn (array $one) => Pdf::pagesOf(
                'paper.plan',
                ['pages' => [$one], ...$data],
                $this->plan->wiring->board->practice,
                $sheet->size,
            ),
            ['page' => null, 'board' => null],
        );
    }

    /**
     * Every page as it is printed, for a screen to preview.
     *
     * @return array{title: string, practice: string, style: string, caution: string,
     *     pages: list<array{page: string, name: string, tells: bool, html: string}>}
     */
    public function preview(): array
    {
        $practice = $this->plan->wiring->board->practice;
        $data = [...$this->data(), 'onScreen' => true];

        return [
            'title' => $this->plan->wiring->board->title,
            'practice' => $practice->id,
            'style' => Pdf::style(),
            'caution' => __('verdict.paper-caution', [], Region::of($practice)),
            'pages' => array_map(fn (Page $page) => [
                'page' => $page->value,
                'name' => __("paper.page.$page->value"),
                'tells' => ! $page->isWithoutAnswers(),
                'html' => View::make("paper.pages.$page->value", $data)->render(),
            ], Page::cases()),
        ];
    }

    /**
     * Sheets that are worked on are printed once for each board, everything else once.
     *
     * @param  list<Page>  $pages
     * @return list<array{page: Page, board: int|null}>
     */
    private static function repeated(array $pages, int $boards): array
    {
        $printed = [];
        foreach ($pages as $page) {
            $isEach = $boards > 1 && $page->isForEachBoard();
            for ($board = 1; $board <= ($isEach ? $boards : 1); $board++) {
                $printed[] = ['page' => $page, 'board' => $isEach ? $board : null];
            }
        }

        return $printed;
    }

    /** @return array<string, mixed> */
    private function data(int $boards = 1): array
    {
        $board = $this->plan->wiring->board;
        $evidence = $this->plan->result->evidence;
        $steps = new PlanStepSentence($this->plan);
        $lists = new MaterialsShape($this->plan, CutAllowances::usualIn($board->practice), $boards);

        return [
            'locale' => Region::of($board->practice),
            'title' => $board->title,
            'brief' => $this->brief,
            'lightingPlan' => LightingPlan::of($board),
            'blankBoard' => BoardSvg::of($this->plan, withAnswers: false, highest: WriteDown::roomOver($lists->schedule(), [$this->brief])),
            'board' => BoardSvg::of($this->plan, withAnswers: true),
            'diagram' => DiagramSvg::of(new Diagram($evidence->circuit, $evidence->roles), $board->title),
            'boxes' => OpenBoxSvg::all($this->plan),
            'supplies' => OpenBoxSvg::supplies($this->plan),
            'steps' => array_map(fn (PlanStep $step) => $steps->of($step), PlanSteps::of($this->plan, StepOrder::BoxByBox)),
            'lists' => [...$lists->json(), 'found' => (new AsFoundShape($board))->boxes(new AsFound)],
            'boards' => $boards,
            'prepare' => (new PrepareShape($this->plan))->json(),
        ];
    }
}
