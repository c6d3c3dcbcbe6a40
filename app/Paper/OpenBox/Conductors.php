<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Enums\BoxSide;
use App\Paper\Layout\Measures;
use App\Paper\Layout\Rect;

/**
 * The conductors of an opened box: round devices, connectors and words, to a hook round their screw or the rim of their hole.
 *
 * The browser draws by the same rules (`resources/js/shared/board/boxConductors.ts`); `tests/Corpus/layout/boxes.json` is run by
 * both.
 *
 * @phpstan-type Point array{float, float}
 * @phpstan-type Target array{end: Point, then: list<Point>, tip: string}
 * @phpstan-type Wish array{id: string, colour: string, before: list<Point>, start: Point, target: Target|null}
 */
final readonly class Conductors
{
    private const EARTHS = ['bare', 'green', 'green-yellow'];

    private const PALE = ['white', 'grey'];

    /**
     * @param  list<list<string>>  $joints  the places of each
     * @param  list<string>  $caps
     * @param  array<string, string>  $marks  what it is marked as → its colour, as the practice marks
     */
    public function __construct(private BoxLayout $layout, private array $joints, private array $caps, private array $marks)
    {

    }

    /**
     * @param  list<array<string, mixed>>  $ends  of the box
     * @return list<Conductor> from the back to the front
     */
    public function drawn(array $ends): array
    {
        $wishes = [...array_map(fn (array $end) => $this->ofEnd($end['id'], $end['colour']), $ends), ...$this->pigtails()];
        $far = fn (array $wish) => $wish['target'] === null ? 0.0
            : abs($wish['start'][0] - $wish['target']['end'][0]) + abs($wish['start'][1] - $wish['target']['end'][1]);
        $lanes = new BoxLanes($this->layout->frame->inside(), $this->obstacles());
        uasort($wishes, fn (array $a, array $b) => $far($a) <=> $far($b));
        $drawn = [];
        foreach ($wishes as $i => $wish) {
            $drawn[$i] = $this->draw($wish, $lanes);
        }
        ksort($drawn);
        usort($drawn, fn (Conductor $a, Conductor $b) => $a->layer <=> $b->layer);

        return $drawn;
    }

    /** @return list<Rect> what is solid, connectors with the words under them, and the wall side of the flags */
    private function obstacles(): array
    {
        $grounds = [];
        foreach ($this->layout->connectors as $connector) {
            $grounds[] = new Rect($connector->x - $connector->width / 2 - 6, $connector->y - 12, $connector->width + 12, 34);
            $grounds[] = new Rect($connector->x - $connector->wordWidth / 2 - 6, $connector->y + 22, $connector->wordWidth + 12, 22);
        }

        return [
            ...$this->layout->obstacles(),
            ...$grounds,
            ...array_map($this->behind(...), array_values($this->layout->slots)),
        ];
    }

    /** Between a flag and its wall conductors part: nothing else comes there. */
    private function behind(Slot $slot): Rect
    {
        ['x' => $halfWidth, 'y' => $halfHeight] = Measures::table()['flag'];
        $deep = 60;

        return match ($slot->side) {
            BoxSide::Left => new Rect($slot->x - $deep, $slot->y - $halfHeight, $deep, 2 * $halfHeight),
            BoxSide::Right => new Rect($slot->x, $slot->y - $halfHeight, $deep, 2 * $halfHeight),
            BoxSide::Top => new Rect($slot->x - $halfWidth, $slot->y - $deep, 2 * $halfWidth, $deep),
            BoxSide::Bottom => new Rect($slot->x - $halfWidth, $slot->y, 2 * $halfWidth, $deep),
        };
    }

    /** @param  Wish  $wish */
    private function draw(array $wish, BoxLanes $lanes): Conductor
    {
        $target = $wish['target'];
        $way = $target === null
            ? [...$wish['before'], $wish['start']]
            : [...$wish['before'], ...$lanes->lay($wish['start'], $target['end']), ...$target['then']];

        return new Conductor($wish['id'], $wish['colour'], self::bent($way), $target['tip'] ?? '', $this->layerOf($wish['colour']));
    }

    private function layerOf(string $colour): int
    {
        if (in_array($colour, self::EARTHS, true)) {
            return 0;
        }
        $neutral = $this->marks['neutral'] ?? '';
        $isPale = fn (string $one) => in_array($one, self::PALE, true);

        return $colour === $neutral || ($isPale($neutral) && $isPale($colour)) ? 1 : 2;
    }

    /** @return Wish */
    private function ofEnd(string $id, string $colour): array
    {
        $measures = Measures::table();
        $slot = $this->layout->slots[$id];
        $ahead = fn (int $half) => $half + $measures['lane'] / 2;
        $inward = $slot->side->inward();
        $at = [$slot->x, $slot->y];
        if (in_array($id, $this->caps, true)) {
            return ['id' => $id, 'colour' => $colour, 'before' => $slot->fan, 'start' => $at, 'target' => null];
        }
        $start = [
            $slot->x + $inward[0] * $ahead($measures['flag']['x']),
            $slot->y + $inward[1] * $ahead($measures['flag']['y']),
        ];

        return ['id' => $id, 'colour' => $colour, 'before' => [...$slot->fan, $at], 'start' => $start, 'target' => $this->targetOf($id)];
    }

    /** @return list<Wish> pigtails from terminals into connectors, and leads wherever they go */
    private function pigtails(): array
    {
        $wishes = [];
        foreach ($this->layout->landings as $landing) {
            $target = $this->targetOf($landing->id);
            if ($target === null || (! $landing->isLead() && $this->layout->connectorOf($landing->id) === null)) {
                continue;
            }
            $wishes[] = [
                'id' => $landing->id,
                'colour' => $this->pigtailColour($landing),
                'before' => $landing->isLead() ? [[$landing->x, $landing->y], $landing->approach] : [],
                'start' => $landing->approach,
                'target' => [...$target, 'tip' => ($landing->isLead() ? '' : self::tip($landing, 0, 1)).$target['tip']],
            ];
        }

        return $wishes;
    }

    /** @return Target|null where a place's conductor leads to, beyond its flag or its screw */
    private function targetOf(string $id): ?array
    {
        $connector = $this->layout->connectorOf($id);
        if ($connector !== null) {
            $port = $connector->port((int) array_search($id, $connector->points, true));

            return ['end' => [$port[0], $port[1] - Measures::table()['lane']], 'then' => [$port], 'tip' => ''];
        }
        foreach ($this->joints as $points) {
            if (! in_array($id, $points, true)) {
                continue;
            }
            foreach ($points as $fixed) {
                $landing = $this->layout->landings[$fixed] ?? null;
                if ($fixed === $id || $landing === null || $landing->isLead()) {
                    continue;
                }
                $those = array_values(array_diff($points, [$fixed]));
                [$i, $n] = [(int) array_search($id, $those, true), count($those)];

                return ['end' => self::approach($landing, $i, $n), 'then' => [], 'tip' => self::tip($landing, $i, $n)];
            }
        }

        return null;
    }

    /**
     * Each conductor in a block has a hole of its own; under one screw or in one hole they come side by side.
     *
     * @return Point
     */
    private static function approach(DrawnLanding $landing, int $i, int $n): array
    {
        $aside = match ($landing->shape()) {
            'block' => (min($i, $landing->holes() - 1) - ($landing->holes() - 1) / 2) * 24,
            'hole' => ($i - ($n - 1) / 2) * 11,
            default => 0,
        };

        return [$landing->approach[0] + $aside, $landing->approach[1]];
    }

    /** Round a screw clockwise from the side it comes to; into a hole as far as its rim. */
    private static function tip(DrawnLanding $landing, int $i, int $n): string
    {
        if ($landing->shape() === 'screw') {
            return self::hook($landing->approach, [$landing->x, $landing->y]);
        }
        [$x, $y] = self::approach($landing, $i, $n);

        return self::to('M', [$x, $y]).self::to('L', [$x, $landing->y + ($y <=> $landing->y) * Measures::table()['intoHole']]);
    }

    /**
     * Clockwise, as the screw turns when it is done up, so that it draws the loop in.
     *
     * @param  Point  $from
     * @param  Point  $screw
     */
    private static function hook(array $from, array $screw): string
    {
        $measures = Measures::table();
        [$dx, $dy] = [$from[0] <=> $screw[0], $from[1] <=> $screw[1]];
        $start = [$screw[0] + $dx * $measures['hook'], $screw[1] + $dy * $measures['hook']];
        // Three quarters of the way round, and a little more.
        $angle = atan2($dy, $dx) + 5 * M_PI / 3;
        $end = [$screw[0] + $measures['hook'] * cos($angle), $screw[1] + $measures['hook'] * sin($angle)];

        return self::to('M', $from).self::to('L', $start).self::to('A'.$measures['hook'].' '.$measures['hook'].' 0 1 1 ', $end);
    }

    /** A lead has its own colour; a pigtail is cut from what the terminal's finish and print call for. */
    private function pigtailColour(DrawnLanding $landing): string
    {
        $look = $landing->look;
        if ($landing->isLead()) {
            return $look['finish'] ?? '';
        }
        $isEarth = $look === null || $look['finish'] === 'green' || $look['print'] === 'E';
        $as = $isEarth ? 'earth' : ($look['finish'] === 'silver' ? 'neutral' : 'line');

        return $this->marks[$as] ?? '';
    }

    /**
     * A way with its corners rounded, as stiff wire is bent.
     *
     * @param  list<Point>  $points
     */
    private static function bent(array $points): string
    {
        $d = self::to('M', $points[0]);
        for ($i = 1; $i < count($points); $i++) {
            [$before, $at, $after] = [$points[$i - 1], $points[$i], $points[$i + 1] ?? null];
            if ($after === null) {
                return $d.self::to('L', $at);
            }
            $far = fn (array $one, array $other) => abs($one[0] - $other[0]) + abs($one[1] - $other[1]);
            $r = min(Measures::table()['bend'], $far($before, $at) / 2, $far($at, $after) / 2);
            $d .= self::to('L', self::towards($at, $before, $r)).self::to('Q', $at).self::to(' ', self::towards($at, $after, $r));
        }

        return $d;
    }

    /**
     * @param  Point  $from
     * @param  Point  $to
     * @return Point
     */
    private static function towards(array $from, array $to, float $by): array
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]) ?: 1;

        return [$from[0] + ($to[0] - $from[0]) * $by / $length, $from[1] + ($to[1] - $from[1]) * $by / $length];
    }

    /** @param  Point  $point */
    private static function to(string $command, array $point): string
    {
        return $command.round($point[0], 2).' '.round($point[1], 2);
    }
}
