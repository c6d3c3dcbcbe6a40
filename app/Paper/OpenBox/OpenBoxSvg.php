<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Enums\BoxSide;
use App\Paper\Drawn\Drawing;
use App\Paper\Drawn\Svg;
use App\Paper\Layout\Letters;
use App\Paper\Layout\Measures;
use App\Shapes\Bench\BenchShape;
use App\Wording\Words;
use Zwindle\Bench\Look;
use Zwindle\Bench\PlaceMap;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Plan\Plan;

/**
 * The boxes of a plan opened up, as the bench draws them: every conductor from its cable by its flag to its screw. Conductors have
 * their colours; their flags tell them where a printer has none.
 *
 * @phpstan-import-type PlacedDevice from BoxLayout
 */
final class OpenBoxSvg
{
    private const WIDTH_MM = 88.0;

    private const TITLE = 34;

    /** A little larger than on the screen, where the drawing is wider than half a page. */
    private const WORD = 17.0;

    private const PRINT = 20.0;

    private const LINE = 24;

    private const FACE = '#F4F2EC';

    private const SHEATH = '#E4DFD2';

    private const PAINTS = [
        'black' => '#2B2B2E', 'red' => '#C62828', 'blue' => '#1F5FBF', 'white' => '#FFFFFF', 'grey' => '#9A9FA6', 'green' => '#2E8B3D',
        'bare' => '#C47F3E', 'brown' => '#7A4A21', 'yellow' => '#F2CF1D', 'orange' => '#E8791A', 'green-yellow' => '#2E8B3D',
    ];

    private const STRIPE = '#F2E21D';

    private const FINISHES = ['brass' => '#D9B45B', 'dark' => '#4A4038', 'silver' => '#D5D8DC', 'green' => '#6FA36F'];

    private const LETTERS = ['brass' => 'Br', 'dark' => 'Dk', 'silver' => 'Si', 'green' => 'Gn'];

    private const METAL = '#C9C3B4';

    private Svg $svg;

    /** @var array<string, mixed> the board as a trainee sees it */
    private array $look;

    private PlaceMap $places;

    private Words $words;

    private function __construct(private readonly Plan $plan)
    {
        $board = $plan->wiring->board;
        $this->look = (new BenchShape($board))->name(Look::of($board));
        $this->places = PlaceMap::of($plan->wiring);
        $this->words = Words::of($plan->wiring);
    }

    /** @return list<Drawing> every box but the supply, in the board's order */
    public static function all(Plan $plan): array
    {
        $drawn = new self($plan);
        $spots = Spots::of($drawn->look['enclosures']);
        $opened = array_filter($drawn->look['enclosures'], fn (array $box) => ! in_array($box['kind'], ['supply', 'onward'], true));

        return array_map(fn (array $box) => $drawn->drawn($box, $spots), array_values($opened));
    }

    /** @return list<string> what leaves each supply, in a line: nobody opens it, and its terminals have their names on them */
    public static function supplies(Plan $plan): array
    {
        $drawn = new self($plan);
        $supplies = array_filter($drawn->look['enclosures'], fn (array $box) => $box['kind'] === 'supply');

        return array_map(fn (array $box) => "{$box['label']}: ".implode('; ', $drawn->carried(array_map(
            fn (array $ends) => array_column($ends, null, 'id'),
            self::byCable($box['ends']),
        ))), array_values($supplies));
    }

    /**
     * @param  array<string, mixed>  $box
     * @param  array<string, array{float, float}>  $spots
     */
    private function drawn(array $box, array $spots): Drawing
    {
        $this->svg = new Svg;
        $labels = array_column($this->look['enclosures'], 'label', 'id');
        $joints = array_values(array_filter($this->plan->wiring->joints, fn (Joint $joint) => $joint->enclosure === $box['id']));
        $placesOf = fn (Joint $joint) => array_map($this->places->placeOf(...), $joint->points);
        $connectors = array_values(array_filter($joints, fn (Joint $joint) => $joint->by !== JoinedBy::Terminal));
        $layout = BoxLayout::of(
            $box,
            $this->look['cables'],
            $spots,
            fn (string $id) => $labels[$id],
            $this->look['words']['conduit'],
            array_map(fn (Joint $joint) => Connector::sized(
                $placesOf($joint),
                $joint->by->value,
                $joint->ports,
                $this->connectorName($joint->by->value),
            ), $connectors),
        );
        $marks = array_column($this->look['marks'], 'colour', 'as');
        $conductors = (new Conductors($layout, array_map($placesOf, $joints), $this->plan->wiring->caps, $marks))->drawn($box['ends']);
        $this->box($box, $layout);
        array_map($this->entry(...), $layout->entries, array_fill(0, count($layout->entries), $layout->frame));
        foreach ($conductors as $conductor) {
            $this->stroke($conductor->path, $conductor->colour);
        }
        array_map($this->device(...), $layout->devices);
        array_map($this->connector(...), $layout->connectors);
        array_map($this->landing(...), array_values($layout->landings));
        foreach ($conductors as $conductor) {
            $conductor->tip === '' ? null : $this->stroke($conductor->tip, $conductor->colour);
        }
        foreach ($box['ends'] as $end) {
            $this->flag($end, $layout->slots[$end['id']], $marks);
        }
        $height = $layout->frame->height + self::TITLE;
        $known = array_column($box['ends'], null, 'id');
        $groups = array_map(fn (Entry $entry) => array_intersect_key($known, array_flip($entry->ends)), $layout->entries);
        foreach ($this->carried($groups) as $line) {
            $height += self::LINE;
            $this->svg->text($layout->frame->left, $height - 6, $line, self::PRINT);
        }

        return $this->svg->drawing(
            $box['label'],
            $layout->frame->width,
            $height,
            self::WIDTH_MM,
            self::WIDTH_MM * $height / $layout->frame->width,
        );
    }

    /**
     * What each conductor carries, a line for each cable or conduit that comes in: `W1 BLK hot, WHT neutral, BARE ground`.
     *
     * @param  list<array<string, array<string, mixed>>>  $groups  ends by their ids
     * @return list<string>
     */
    private function carried(array $groups): array
    {
        $roles = $this->plan->result->evidence->roles;
        $lines = [];
        foreach ($groups as $ends) {
            $cable = '';
            $told = [];
            foreach ($ends as $id => $end) {
                $role = $this->words->role($roles->at($id)[0]->value);
                $told[] = ($end['cable'] === $cable ? '' : "{$end['cable']} ")."{$end['flag']} $role";
                $cable = $end['cable'];
            }
            $lines[] = implode(', ', $told);
        }
        sort($lines);

        return $lines;
    }

    /**
     * @param  list<array<string, mixed>>  $ends
     * @return list<list<array<string, mixed>>>
     */
    private static function byCable(array $ends): array
    {
        $cables = [];
        foreach ($ends as $end) {
            $cables[$end['cable']][] = $end;
        }

        return array_values($cables);
    }

    private function connectorName(string $by): string
    {
        $labels = array_column($this->look['tray'], 'label', 'by');

        return (string) preg_replace('/ \d$/', '', $labels[$by] ?? $by);
    }

    /** @param  array<string, mixed>  $box */
    private function box(array $box, BoxLayout $layout): void
    {
        $frame = $layout->frame;
        $inside = $frame->inside();
        $this->svg->rect($inside->x - 8, $inside->y - 8, $inside->width + 16, $inside->height + 16, 2);
        if ($box['metal']) {
            $this->hatch($frame);
        }
        $this->svg->rect($inside->x, $inside->y, $inside->width, $inside->height, 2, self::FACE);
        $this->svg->text($frame->left, $frame->height + 20, $box['label'], 28, 'start', true);
        $material = (string) __($box['metal'] ? 'paper.metal-box' : 'paper.plastic-box');
        $this->svg->text($frame->right, $frame->height + 20, $material, self::PRINT, 'end');
    }

    /** Metal is hatched at the edge of the box. */
    private function hatch(Frame $frame): void
    {
        [$left, $right, $top, $bottom] = [$frame->left - 8, $frame->right + 8, $frame->top - 8, $frame->bottom + 8];
        $d = '';
        for ($x = $left + 8; $x < $right; $x += 8) {
            $d .= "M$x ".($top + 8).'L'.($x + 8)." $top"."M$x $bottom".'L'.($x + 8).' '.($bottom - 8);
        }
        for ($y = $top + 8; $y < $bottom; $y += 8) {
            $d .= "M$left ".($y + 8).'L'.($left + 8)." $y".'M'.($right - 8).' '.($y + 8)."L$right $y";
        }
        $this->svg->path($d, 1);
    }

    private function entry(Entry $entry, Frame $frame): void
    {
        [$x, $y] = $entry->mouth;
        match ($entry->side) {
            BoxSide::Left => $this->svg->rect(0, $y - 13, $frame->left + 4, 26, 2, self::SHEATH),
            BoxSide::Right => $this->svg->rect($frame->right - 4, $y - 13, $frame->left + 4, 26, 2, self::SHEATH),
            BoxSide::Top => $this->svg->rect($x - 13, 0, 26, $frame->top + 4, 2, self::SHEATH),
            BoxSide::Bottom => $this->svg->rect($x - 13, $frame->bottom - 4, 26, $frame->top + 4, 2, self::SHEATH),
        };
        match ($entry->side) {
            BoxSide::Left => $this->svg->upright(17, $y - 20, $entry->label, self::PRINT),
            BoxSide::Right => $this->svg->upright($frame->width - 8, $y - 20, $entry->label, self::PRINT),
            BoxSide::Top => $this->svg->text($x + 20, 20, $entry->label, self::PRINT),
            BoxSide::Bottom => $this->svg->text($x + 20, $frame->height - 10, $entry->label, self::PRINT),
        };
    }

    private function stroke(string $d, string $colour): void
    {
        $width = $colour === 'bare' ? 4 : 8;
        $this->svg->path($d, $width + 3);
        $this->svg->path($d, $width, self::PAINTS[$colour] ?? self::METAL);
        if ($colour === 'green-yellow') {
            $this->svg->path($d, $width, self::STRIPE, 'none', '7 9');
        }
    }

    /** @param  PlacedDevice  $placed */
    private function device(array $placed): void
    {
        ['device' => $device, 'x' => $x, 'y' => $y] = $placed;
        [$width, $height] = [$device['width'], $device['height']];
        [$middle, $centre] = [$x + $width / 2, $y + $height / 2];
        $isUpright = $device['turned'] % 180 === 0;
        $hasEars = in_array($device['look'], Measures::table()['ears'], true);
        if ($hasEars && $isUpright) {
            $this->svg->rect($x + 30, $y - 26, $width - 60, $height + 52, 2, self::FACE);
        } elseif ($hasEars) {
            $this->svg->rect($x - 26, $y + 30, $width + 52, $height - 60, 2, self::FACE);
        }
        if ($device['look'] === 'lampholder') {
            $this->svg->circle($middle, $centre, min($width, $height) / 2, 2);
            $this->svg->circle($middle, $centre, 38, 2, self::FACE);
        } else {
            $this->svg->rect($x, $y, $width, $height, 2);
        }
        if ($device['look'] === 'toggle') {
            [$across, $along] = $isUpright ? [11, 30] : [30, 11];
            $this->svg->rect($middle - $across, $centre - $along, 2 * $across, 2 * $along, 2);
        }
        if ($device['print'] !== '') {
            $below = $device['look'] === 'toggle' ? $centre + 48 : $y + $height - 10;
            $this->svg->text($middle, $below, $device['print'], self::PRINT, 'middle');
        }
        $isCrowded = in_array($device['look'], ['rocker', 'batten'], true);
        $name = $device['id'].($isCrowded || $hasEars ? '' : " {$device['name']}");
        $inside = $y + (['pendant' => 50, 'lampholder' => 22][$device['look']] ?? 18);
        match (true) {
            $isCrowded => $this->svg->text($x + 6, $y + $height - 8, $name, self::WORD),
            $device['look'] === 'rose' => $this->svg->text($x + 26, $y + $height - 28, $name, self::WORD),
            $hasEars => $this->svg->text($middle, $isUpright ? $y - 7 : $centre - 40, $name, self::WORD, 'middle'),
            default => $this->svg->text($middle, $inside, $name, self::WORD, 'middle'),
        };
    }

    private function connector(Connector $connector): void
    {
        [$left, $top] = [$connector->x - $connector->width / 2, $connector->y - 18];
        if ($connector->by === JoinedBy::WireNut->value) {
            $slope = $connector->width / 2 - 14;
            $d = "M$left {$top}h{$connector->width}l".-$slope.' 38h-28Z';
            $this->svg->path($d, 2.5, Svg::INK, Svg::PAPER);
        } else {
            $this->svg->rect($left, $top, $connector->width, 38, 2.5);
        }
        $this->svg->text($connector->x, $connector->y + 34, $connector->word, self::WORD, 'middle');
    }

    private function landing(DrawnLanding $landing): void
    {
        $finish = $landing->look['finish'] ?? 'green';
        $fill = self::FINISHES[$finish] ?? self::PAINTS[$finish] ?? self::METAL;
        [$x, $y] = [$landing->x, $landing->y];
        match ($landing->shape()) {
            'screw' => $this->screw($landing, $fill, $finish),
            'hole' => $this->holes($x - 16, $y - 15, 32, 30, [$x], $fill),
            'block' => $this->holes($x - $landing->holes() * 12, $y - 16, $landing->holes() * 24, 32, array_map(
                fn (int $i) => $x + ($i - ($landing->holes() - 1) / 2) * 24,
                range(0, $landing->holes() - 1),
            ), $fill),
            default => $this->svg->circle($x, $y, 11, 3, $fill),
        };
        $print = $landing->look['print'] ?? '';
        $word = $landing->look['word'] ?? '';
        if ($print !== '') {
            $below = $landing->shape() === 'block' ? 34 : 32;
            $this->svg->text($x, $y + ($landing->approach[1] > $y ? -21 : $below), $print, self::PRINT, 'middle');
        } elseif ($word !== '') {
            $this->svg->text($x - $landing->holes() * 12, $y + 32, $word, self::WORD);
        }
    }

    private function screw(DrawnLanding $landing, string $fill, string $finish): void
    {
        [$x, $y] = [$landing->x, $landing->y];
        $this->svg->circle($x, $y, 15, 2, $fill);
        $this->svg->line($x - 9, $y + 5, $x + 9, $y - 5, 3, $finish === 'dark' ? Svg::PAPER : Svg::INK);
        if ($landing->look === null) {
            foreach (Letters::broken($this->look['words']['boxEarth']) as $i => $line) {
                $this->svg->text($x, $y + 36 + $i * 17, $line, self::WORD, 'middle');
            }

            return;
        }
        [$aside, $below, $anchor] = match ($landing->approach[0] <=> $x) {
            -1 => [28, 5, 'start'],
            1 => [-28, 5, 'end'],
            default => [0, 36, 'middle'],
        };
        $this->svg->text($x + $aside, $y + $below, self::LETTERS[$finish] ?? '', self::WORD, $anchor);
    }

    /** @param  list<float>  $middles  of the holes, along */
    private function holes(float $left, float $top, float $width, float $height, array $middles, string $fill): void
    {
        $this->svg->rect($left, $top, $width, $height, 2, $fill);
        foreach ($middles as $middle) {
            $this->svg->circle($middle, $top + $height / 2, 7, 2);
        }
    }

    /**
     * @param  array<string, mixed>  $end
     * @param  array<string, string>  $marks
     */
    private function flag(array $end, Slot $slot, array $marks): void
    {
        $measures = Measures::table();
        [$left, $top] = [$slot->x - $measures['flag']['x'], $slot->y - $measures['flag']['y']];
        $this->svg->rect($left, $top, 2 * $measures['flag']['x'], 2 * $measures['flag']['y'], 1.5);
        $this->svg->rect($left, $top, 8, 2 * $measures['flag']['y'], 1.5, self::PAINTS[$end['colour']] ?? self::METAL);
        $this->svg->text($slot->x + 4, $slot->y + 1, $end['flag'], 23, 'middle', true);
        if (in_array($end['id'], $this->plan->wiring->caps, true)) {
            $this->svg->text($slot->x + 4, $slot->y + 18, $this->look['words']['cap'], 19, 'middle');
        } else {
            $this->svg->text($slot->x + 4, $slot->y + 18, $end['cable'], 19, 'middle');
        }
        $mark = $this->plan->wiring->marks[$end['id']] ?? null;
        if ($mark !== null) {
            $this->svg->rect($left + 9, $top - 9, 38, 8, 1.5, self::PAINTS[$marks[$mark->value]] ?? self::METAL);
        }
    }
}
