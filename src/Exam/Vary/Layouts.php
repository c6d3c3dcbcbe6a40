<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Search\TimeLimit;

/**
 * Every way to lay a board out that can be wired: the feed in another box, each light on another box, the switches of a control
 * in another order.
 *
 * On a wall the cables stay what they are, whatever the feed is brought into.
 *
 * What hangs on one cable of its own can move, a light that is left so when the feed has gone elsewhere too; where a board is not
 * built so, that stays as it is. The planner chooses the cables of a changed layout; singles stay what they are.
 *
 * @phpstan-type Laid array{feed: string, lamps: array<string, string>, order: string, models: array<string, DeviceModel>}
 */
final readonly class Layouts
{
    /** Layouts that are planned at most; more add nothing that a class could see. */
    private const MOST_PLANNED = 120;

    /** States that are walked in all at most: fewer layouts of a board with many switches. */
    private const MOST_STATES = 200_000;

    /** Layouts that are laid out at most, of which those to plan are taken evenly. */
    private const MOST_LAID = 3000;

    /** @param  list<VariedAspects>  $varying */
    private function __construct(private Board $board, private array $varying, private Surface $surface)
    {
    }

    /**
     * @param  list<VariedAspects>  $varying
     * @return list<Layout> the board's own first, if it can be wired
     */
    public static function of(Board $board, array $varying, Surface $surface = Surface::Screen): array
    {
        $mounting = $surface === Surface::Wall ? Planner::plan($board)->plans[0]->wiring->board ?? $board : $board;
        $layouts = new self($mounting, $varying, $surface);
        $most = min(self::MOST_PLANNED, max(1, intdiv(self::MOST_STATES, 2 ** count($board->devicesOf(DeviceKind::Switch)))));
        $planned = array_map(
            fn (array $laid) => TimeLimit::isUp() ? null : $layouts->planned($laid),
            self::evenly($layouts->laid(), $most),
        );

        return array_values(array_filter($planned));
    }

    /** @return list<Laid> the board's own first */
    private function laid(): array
    {
        $laid = [];
        $supply = $this->board->supply()->enclosure;
        foreach ($this->orders() as $order => $models) {
            foreach ($this->places($this->board, VariedAspects::Feed, $supply) as $feed) {
                foreach ($this->lampsAt(self::moved($this->board, $supply, $feed)) as $lamps) {
                    $laid[] = ['feed' => $feed, 'lamps' => $lamps, 'order' => $order, 'models' => $models];
                    if (count($laid) === self::MOST_LAID) {
                        return $laid;
                    }
                }
            }
        }

        return $laid;
    }

    /**
     * @param  list<Laid>  $laid
     * @return list<Laid>
     */
    private static function evenly(array $laid, int $most): array
    {
        $most = min($most, count($laid));
        $kept = [];
        for ($i = 0; $i < $most; $i++) {
            $kept[] = $laid[intdiv($i * count($laid), $most)];
        }

        return $kept;
    }

    /** @param  Laid  $laid */
    private function planned(array $laid): ?Layout
    {
        $board = self::moved(
            $this->board->with($laid['models'], $this->board->requirements),
            $this->board->supply()->enclosure,
            $laid['feed'],
        );
        foreach ($laid['lamps'] as $box => $at) {
            $board = self::moved($board, $box, $at);
        }

        return Layout::of(
            $this->surface === Surface::Wall || $this->isOwn($board) ? $board : self::undecided($board),
            $laid['feed'],
            $laid['lamps'],
            $laid['order'],
        );
    }

    private function isOwn(Board $board): bool
    {
        $hangs = fn (Board $board) => [
            array_map(fn (Device $device) => $device->model->id, $board->devices),
            array_map(fn (Cable $cable) => [$cable->from, $cable->to], $board->cables),
        ];

        return $hangs($board) === $hangs($this->board);
    }

    /**
     * Every way to hang the lights that can move, each among the boxes of switches.
     *
     * @return list<array<string, string>> box of a light → where its cable comes from; as they hang first
     */
    private function lampsAt(Board $board): array
    {
        $ways = [[]];
        foreach (array_unique(array_map(fn (Device $lamp) => $lamp->enclosure, $board->devicesOf(DeviceKind::Lamp))) as $box) {
            $places = $this->places($board, VariedAspects::Lamp, $box);
            $ways = array_merge(...array_map(fn (array $way) => array_map(fn (string $at) => [...$way, $box => $at], $places), $ways));
            $ways = array_slice($ways, 0, self::MOST_LAID);
        }

        return $ways;
    }

    /** @return list<string> boxes that the one cable of an enclosure can come from, its own first; the own alone, or empty, if it stays */
    private function places(Board $board, VariedAspects $what, string $enclosure): array
    {
        $cables = $board->cablesIn($enclosure);
        $own = isset($cables[0]) ? $cables[0]->farFrom($enclosure) : '';
        if (! in_array($what, $this->varying, true) || count($cables) !== 1) {
            return [$own];
        }
        $wanted = fn (Device $device) => $device->is(DeviceKind::Switch)
            || ($what === VariedAspects::Feed && $device->is(DeviceKind::Lamp));
        $boxes = array_map(fn (Device $device) => $device->enclosure, array_filter($board->devices, $wanted));

        return array_values(array_unique([$own, ...array_values(array_diff($boxes, [$enclosure]))]));
    }

    /**
     * @return array<string, array<string, DeviceModel>> name of an order → switch → the part that hangs there in it; the board's own
     *     first
     */
    private function orders(): array
    {
        $orders = [[]];
        foreach ($this->board->controls as $control) {
            $own = array_map(fn (string $id) => $this->board->devices[$id]->model, $control->switches);
            $permuted = in_array(VariedAspects::Order, $this->varying, true) ? self::permutations($own) : [$own];
            $orders = array_merge(...array_map(
                fn (array $before) => array_map(fn (array $models) => [
                    ...$before,
                    ...array_combine($control->switches, $models),
                ], $permuted),
                $orders,
            ));
        }
        $named = [];
        foreach ($orders as $models) {
            $named[implode(
                '+',
                array_map(fn (string $id, DeviceModel $model) => "$id $model->id", array_keys($models), $models),
            )] = $models;
        }

        return $named;
    }

    /**
     * @param  list<DeviceModel>  $models
     * @return list<list<DeviceModel>> distinct ones, the given order first
     */
    private static function permutations(array $models): array
    {
        if (count($models) < 2) {
            return [$models];
        }
        $all = [];
        $begun = [];
        foreach ($models as $i => $first) {
            if (isset($begun[$first->id])) {
                continue;
            }
            $begun[$first->id] = true;
            $rest = $models;
            array_splice($rest, $i, 1);
            foreach (self::permutations($rest) as $tail) {
                $all[] = [$first, ...$tail];
            }
        }

        return $all;
    }

    /** The board with the one cable of an enclosure coming from another box. */
    private static function moved(Board $board, string $enclosure, string $to): Board
    {
        $cable = $board->cablesIn($enclosure)[0] ?? null;
        if ($cable === null || count($board->cablesIn($enclosure)) !== 1 || $cable->farFrom($enclosure) === $to) {
            return $board;
        }
        [$from, $far] = $cable->from === $enclosure ? [$enclosure, $to] : [$to, $enclosure];

        return $board->withRuns([$cable->id => new Cable($cable->id, $cable->type, $from, $far, $cable->colour)]);
    }

    private static function undecided(Board $board): Board
    {
        $open = CableType::find(CableType::UNDECIDED) ?? throw new \LogicException('No undecided cable');
        $sheathed = array_filter($board->cables, fn (Cable $cable) => ! $cable->type->isSingle);

        return $board->withCables(array_map(fn () => $open, $sheathed));
    }
}
