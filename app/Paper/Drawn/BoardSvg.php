<?php

declare(strict_types=1);

namespace App\Paper\Drawn;

use App\Paper\Layout\BoxShape;
use App\Paper\Layout\Labels;
use App\Paper\Layout\LaidRun;
use App\Paper\Layout\Lanes;
use App\Paper\Layout\Letters;
use App\Paper\Layout\Line;
use App\Paper\Layout\Rect;
use App\Paper\Layout\Way;
use App\Paper\Layout\Ways;
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
    private const RIGHT_MM = 320.0;

    private const TEXT = 2.9;

    private const SMALL = 2.4;

    private const BAR_ROOM = 12.0;

    /** As thick as a run is drawn. */
    private const RUN = 1.3;

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

    private function __construct(private readonly Plan $plan, private readonly bool $withAnswers, float $highest)
    {
        $this->board = $plan->wiring->board;
        $this->words = Words::of($plan->wiring);
        $this->svg = new Svg;
        foreach (array_values($this->board->enclosures) as $i => $box) {
            $this->places[$box->id] = $box->at ?? [self::UNPLACED_MM * (1 + $i % 5), self::UNPLACED_MM * (1 + intdiv($i, 5))];
        }
        $this->view = $this->view();
        $this->scale = DrawingScale::fitting(
            $this->board->practice,
            $this->view[2],
            $this->view[3],
            self::ROOM_MM[0],
            min(self::ROOM_MM[1], $highest),
        );
    }

    /**
     * @param  bool  $withAnswers  whether what each core carries is written along its cable
     * @param  float  $highest  millimetres of paper that there are for it
     */
    public static function of(Plan $plan, bool $withAnswers, float $highest = INF): Drawing
    {
        return (new self($plan, $withAnswers, $highest))->drawn();
    }

    private function drawn(): Drawing
    {
        [$width, $height] = [$this->scale->onPaper($this->view[2]), $this->scale->onPaper($this->view[3])];
        $this->svg->rect(0.2, 0.2, $width - 0.4, $height - 0.4, 0.4);
        $this->studs($height);
        $shapes = array_map($this->shape(...), array_values($this->board->enclosures));
        $ways = Ways::of($this->runs(), $shapes, new Lanes(2 * self::RUN, self::RUN / 2, self::RUN));
        foreach ($ways as $way) {
            $this->run($way);
        }
        foreach ($this->board->enclosures as $box) {
            $this->box($box);
        }
        $room = new Rect(0.8, 0.8, $width - 1.6, $height - 1.6 - ($this->board->wall?->studsMm === null ? 0.0 : self::SMALL));
        foreach (Labels::placed($shapes, $ways, [...$this->names(), ...$this->prints()], $room) as $label) {
            $this->svg->label($label);
        }
        $this->bar($height);

        return $this->svg->drawing($this->board->title, $width, $height + self::BAR_ROOM, $width, $height + self::BAR_ROOM);
    }

    private function shape(Enclosure $box): BoxShape
    {
        [$width, $height] = $this->sizeOf($box);
        [$x, $y] = $this->at(...$this->places[$box->id]);

        return new BoxShape($box->id, $x, $y, $width / 2, $height / 2);
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

    /** @return array<string, non-empty-list<Cable>> what hangs between two boxes as one: a cable, or the singles of a conduit */
    private function bundles(): array
    {
        $bundles = [];
        foreach ($this->board->cables as $cable) {
            $bundles[$cable->type->isSingle ? 'conduit '.self::pairOf($cable) : $cable->id][] = $cable;
        }

        return $bundles;
    }

    /** @return list<LaidRun> */
    private function runs(): array
    {
        $runs = [];
        foreach ($this->bundles() as $id => [$cable]) {
            $runs[] = new LaidRun((string) $id, $cable->from, $cable->to, self::RUN);
        }

        return $runs;
    }

    private static function pairOf(Cable $cable): string
    {
        return min($cable->from, $cable->to).' '.max($cable->from, $cable->to);
    }

    private function run(Way $way): void
    {
        $d = 'M'.implode('L', array_map(fn (array $point) => implode(' ', $point), $way->points));
        $this->svg->path($d, self::RUN);
        $this->svg->path($d, self::RUN - 0.6, Svg::PAPER);
    }

    /** @return array<string, list<list<Line>>> box → its name, in one line or in two */
    private function names(): array
    {
        return array_map(fn (Enclosure $box) => [
            [new Line($box->label, self::TEXT, isBold: true)],
            array_map(fn (string $line) => new Line($line, self::TEXT, isBold: true), Letters::broken($box->label)),
        ], $this->board->enclosures);
    }

    /** @return array<string, list<list<Line>>> run → what is printed along it; with the answers also what each core carries */
    private function prints(): array
    {
        return array_map(function (array $cables) {
            [$title, $length, $cores] = $this->wordsOf($cables);
            $soft = array_map(fn (string $text) => new Line($text, self::SMALL), $cores);
            $bold = fn (string $text) => new Line($text, self::TEXT, isBold: true);

            return [
                [$bold(trim("$title  $length")), ...$soft],
                [$bold($title), ...($length === '' ? [] : [new Line($length, self::SMALL)]), ...$soft],
                [$bold($title), ...$soft],
                [$bold($title)],
                [$bold($cables[0]->id)],
            ];
        }, $this->bundles());
    }

    /** @return array{float, float} width and height on paper */
    private function sizeOf(Enclosure $box): array
    {
        [$width, $height] = self::SIZES[$box->box?->family() ?? ''] ?? self::PLATE;

        return [max(self::LEAST, $this->scale->onPaper($width)), max(self::LEAST, $this->scale->onPaper($height))];
    }

    /**
     * Type, length and cores of a cable or of the singles of a conduit.
     *
     * @param  non-empty-list<Cable>  $cables
     * @return array{string, string, list<string>}
     */
    private function wordsOf(array $cables): array
    {
        $lengthM = RunLength::of($this->board, $cables[0]);
        $length = $lengthM === null ? '' : (new Lengths($this->board->practice))->run($lengthM);
        $flag = fn (Core $core) => $core->colour->flag($this->board->practice);
        $carries = fn (Core $core) => $this->words->role($this->plan->roleOf($core)->value);
        if (! $cables[0]->type->isSingle) {
            $cores = array_map(fn (Core $core) => "{$flag($core)} {$carries($core)}", array_values($cables[0]->cores));

            return ["{$cables[0]->id}  {$cables[0]->type->print}", $length, $this->withAnswers ? $cores : []];
        }
        $singles = array_map(
            fn (Cable $single) => "$single->id {$flag($single->cores['core'])}"
                .($this->withAnswers ? " {$carries($single->cores['core'])}" : ''),
            $cables,
        );

        return [count($cables)." × {$cables[0]->type->print}", $length, $singles];
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
        } elseif ($box->kind === EnclosureKind::Onward) {
            $this->svg->onward($x, $y, $width);
        } else {
            $this->svg->rect($x - $width / 2, $y - $height / 2, $width, $height, 0.5);
        }
        if ($box->kind === EnclosureKind::SwitchBox) {
            $this->svg->rect($x - 0.8, $y - 1.2, 1.6, 2.4, 0.3, Svg::INK);
        }
        if ($box->kind === EnclosureKind::Supply) {
            $this->svg->text($x, $y + 1.1, '~', 4.0, 'middle', true);
        }
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
