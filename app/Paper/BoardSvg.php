<?php

declare(strict_types=1);

namespace App\Paper;

use App\Wording\Lengths;
use App\Wording\Words;
use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Plan\Materials\RunLength;
use Zwindle\Plan\Plan;

/** The board face to scale, in ink alone: boxes where they hang and as large as they are, cables along and up, what is printed on them. */
final class BoardSvg
{
    private const ROOM_MM = [182.0, 150.0];

    private const MARGIN_MM = 190.0;

    /** Room at the right for what is written beside an upright run. */
    private const RIGHT_MM = 380.0;

    /** Width of a letter, of its height: on the generous side. */
    private const LETTER = 0.62;

    private const TEXT = 2.9;

    private const SMALL = 2.4;

    private const BAR_ROOM = 12.0;

    private const ABOVE_RUN = 1.6;

    /** Outlines in millimetres: a device box of 2 × 3 in, a 4 in octagon or square, a British plate; common practice. */
    private const SIZES = ['device' => [50.8, 76.2], 'octagon' => [101.6, 101.6], 'square' => [101.6, 101.6]];

    private const PLATE = [86.0, 86.0];

    private const LEAST = 3.0;

    private const UNPLACED_MM = 400.0;

    private Svg $svg;

    private Board $board;

    private Words $words;

    private DrawingScale $scale;

    /** @var array<string, array{float, float}> enclosure → its place, on the board face */
    private array $places = [];

    /** @var array{float, float, float, float} left, top, width, height on the board face */
    private array $view;

    private function __construct(private readonly Plan $plan, private readonly bool $withAnswers)
    {
        $this->board = $plan->wiring->board;
        $this->words = Words::of($plan->wiring);
        $this->svg = new Svg;
        foreach (array_values($this->board->enclosures) as $i => $box) {
            $this->places[$box->id] = $box->at ?? [self::UNPLACED_MM * (1 + $i % 5), self::UNPLACED_MM * (1 + intdiv($i, 5))];
        }
        $this->view = $this->view();
        $this->scale = DrawingScale::fitting($this->board->practice, $this->view[2], $this->view[3], ...self::ROOM_MM);
    }

    /** @param  bool  $withAnswers  whether what each core carries is written along its cable */
    public static function of(Plan $plan, bool $withAnswers): Drawing
    {
        return (new self($plan, $withAnswers))->drawn();
    }

    private function drawn(): Drawing
    {
        [$width, $height] = [$this->scale->onPaper($this->view[2]), $this->scale->onPaper($this->view[3])];
        $this->svg->rect(0.2, 0.2, $width - 0.4, $height - 0.4, 0.4);
        $this->studs($height);
        $runs = $this->runs();
        $ends = array_map(fn (array $cables, int $i) => [(string) $i, $cables[0]->from, $cables[0]->to], $runs, array_keys($runs));
        foreach ((new RunLayout($this->places))->routes($ends) as $route) {
            $this->run($runs[(int) $route->id], $route);
        }
        foreach ($this->board->enclosures as $box) {
            $this->box($box);
        }
        $this->bar($height);

        return $this->svg->drawing($this->board->title, $width, $height + self::BAR_ROOM, $width, $height + self::BAR_ROOM);
    }

    /** @return array{float, float, float, float} the board face, and whatever hangs beyond it */
    private function view(): array
    {
        $xs = array_column($this->places, 0);
        $ys = array_column($this->places, 1);
        $wall = $this->board->wall;
        $left = min($wall === null ? INF : 0.0, min($xs) - self::MARGIN_MM);
        $top = min($wall === null ? INF : 0.0, min($ys) - self::MARGIN_MM);

        return [
            $left,
            $top,
            max($wall->widthMm ?? 0.0, max($xs) + self::RIGHT_MM) - $left,
            max($wall->heightMm ?? 0.0, max($ys) + self::MARGIN_MM) - $top,
        ];
    }

    /** @return array{float, float} on paper */
    private function at(float $x, float $y): array
    {
        return [$this->scale->onPaper($x - $this->view[0]), $this->scale->onPaper($y - $this->view[1])];
    }

    private function studs(float $height): void
    {
        $wall = $this->board->wall;
        for ($number = 1; $wall?->studsMm !== null && $wall->studAtMm($number) <= $wall->widthMm && $number <= 100; $number++) {
            [$x] = $this->at($wall->studAtMm($number), 0.0);
            $this->svg->line($x, 0.4, $x, $height - 0.4, 0.15, Svg::INK, '1 1.5');
            $this->svg->text($x + 0.6, $height - 1.2, (string) $number, self::SMALL);
        }
    }

    /** @return list<non-empty-list<Cable>> what hangs between two boxes as one: a cable, or the singles of a conduit */
    private function runs(): array
    {
        $runs = [];
        foreach ($this->board->cables as $cable) {
            $runs[$cable->type->isSingle ? 'conduit '.self::pairOf($cable) : $cable->id][] = $cable;
        }

        return array_values($runs);
    }

    private static function pairOf(Cable $cable): string
    {
        return min($cable->from, $cable->to).' '.max($cable->from, $cable->to);
    }

    /** @param  non-empty-list<Cable>  $cables */
    private function run(array $cables, Route $route): void
    {
        $d = 'M'.implode('L', array_map(fn (array $point) => implode(' ', $this->at(...$point)), $route->points));
        $this->svg->path($d, 1.3);
        $this->svg->path($d, 0.7, Svg::PAPER);
        $isUpright = $route->isUpright;
        $lines = $this->linesOf($cables);
        [$x, $y] = $this->at(...$route->middle);
        [$x, $y] = $isUpright
            ? [$x + 1.6, $y + self::TEXT]
            : [$x, $y - $this->clearOf($cables[0], $lines) - (count($lines) - 1) * (self::SMALL + 0.6)];
        foreach ($lines as $i => $line) {
            $this->svg->text(
                $x,
                $y + $i * (self::SMALL + 0.6),
                $line,
                $i === 0 ? self::TEXT : self::SMALL,
                $isUpright ? 'start' : 'middle',
                $i === 0,
            );
        }
    }

    /**
     * How far above a level run its words stand: close to it where they fit between its boxes, else above the boxes.
     *
     * @param  list<string>  $lines
     */
    private function clearOf(Cable $cable, array $lines): float
    {
        [$from, $to] = array_map(fn (string $id) => $this->sizeOf($this->board->enclosures[$id]), [$cable->from, $cable->to]);
        $between = $this->scale->onPaper(abs($this->places[$cable->from][0] - $this->places[$cable->to][0])) - ($from[0] + $to[0]) / 2;
        $wide = max(array_map(mb_strlen(...), $lines)) * self::TEXT * self::LETTER;

        return $wide <= $between ? self::ABOVE_RUN : max($from[1], $to[1]) / 2 + self::ABOVE_RUN;
    }

    /** @return array{float, float} width and height on paper */
    private function sizeOf(Enclosure $box): array
    {
        [$width, $height] = self::SIZES[$box->box?->family() ?? ''] ?? self::PLATE;

        return [max(self::LEAST, $this->scale->onPaper($width)), max(self::LEAST, $this->scale->onPaper($height))];
    }

    /**
     * What is printed along a run; with the answers also what each core carries.
     *
     * @param  non-empty-list<Cable>  $cables
     * @return list<string>
     */
    private function linesOf(array $cables): array
    {
        $lengthM = RunLength::of($this->board, $cables[0]);
        $length = $lengthM === null ? '' : '  '.(new Lengths($this->board->practice))->run($lengthM);
        $flag = fn (Core $core) => $core->colour->flag($this->board->practice);
        $carries = fn (Core $core) => $this->words->role($this->plan->roleOf($core)->value);
        if (! $cables[0]->type->isSingle) {
            $cores = array_map(fn (Core $core) => "{$flag($core)} {$carries($core)}", array_values($cables[0]->cores));

            return ["{$cables[0]->id}  {$cables[0]->type->print}$length", ...($this->withAnswers ? $cores : [])];
        }
        $singles = array_map(
            fn (Cable $single) => "$single->id {$flag($single->cores['core'])}"
                .($this->withAnswers ? " {$carries($single->cores['core'])}" : ''),
            $cables,
        );

        return [count($cables)." × {$cables[0]->type->print}$length", ...$singles];
    }

    private function box(Enclosure $box): void
    {
        [$x, $y] = $this->at(...$this->places[$box->id]);
        [$width, $height] = $this->sizeOf($box);
        $isLight = in_array($box->kind, [EnclosureKind::LightBox, EnclosureKind::CeilingRose], true);
        if ($isLight) {
            $this->svg->circle($x, $y, $width / 2, 0.5);
            $arm = $width / 2 * M_SQRT1_2;
            $this->svg->path(
                'M'
                    .($x - $arm)
                    .' '
                    .($y - $arm)
                    .'L'
                    .($x + $arm)
                    .' '
                    .($y + $arm)
                    .'M'
                    .($x + $arm)
                    .' '
                    .($y - $arm)
                    .'L'
                    .($x - $arm)
                    .' '
                    .($y + $arm),
                0.4,
            );
        } else {
            $this->svg->rect($x - $width / 2, $y - $height / 2, $width, $height, 0.5);
        }
        if ($box->kind === EnclosureKind::SwitchBox) {
            $this->svg->rect($x - 0.8, $y - 1.2, 1.6, 2.4, 0.3, Svg::INK);
        }
        if ($box->kind === EnclosureKind::Supply) {
            $this->svg->text($x, $y + 1.1, '~', 4.0, 'middle', true);
        }
        $wide = mb_strlen($box->label) * self::TEXT * self::LETTER;
        $this->svg->backing($x - $wide / 2, $y + $height / 2 + 0.5, $wide, self::TEXT + 0.6);
        $this->svg->text($x, $y + $height / 2 + self::TEXT + 0.4, $box->label, self::TEXT, 'middle', true);
    }

    private function bar(float $height): void
    {
        $length = $this->scale->onPaper($this->scale->barMm());
        $y = $height + 5.0;
        $this->svg->line(0.5, $y, 0.5 + $length, $y, 0.6);
        foreach ([0.5, 0.5 + $length] as $x) {
            $this->svg->line($x, $y - 1.2, $x, $y + 1.2, 0.4);
        }
        $this->svg->text(0.5, $y + 4.4, "{$this->scale->barWords()}; scale {$this->scale->words()}, if printed at full size", self::TEXT);
    }
}
