<?php

declare(strict_types=1);

namespace Zwindle\Vary;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Catalogue\CableType;
use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\DeviceModel;

/**
 * Every way to lay a board out that can be wired: the feed in another box, the light on another box, the switches in another
 * order.
 *
 * What hangs on one cable of its own can move; where a board is not built so, that stays as it is. The planner chooses the
 * cables of a changed layout; singles stay what they are.
 */
final readonly class Layouts
{
    /** Layouts that are planned at most; more add nothing that a class could see. */
    private const MOST = 120;

    /** @param  list<Varying>  $varying */
    private function __construct(private Board $board, private array $varying)
    {
    }

    /**
     * @param  list<Varying>  $varying
     * @return list<Layout> the board's own first, if it can be wired
     */
    public static function of(Board $board, array $varying): array
    {
        return (new self($board, $varying))->all();
    }

    /** @return list<Layout> */
    private function all(): array
    {
        $layouts = [];
        $tried = 0;
        foreach ($this->orders() as $order => $models) {
            foreach ($this->placesFor(Varying::Feed, $this->board->supply()->enclosure) as $feedAt) {
                foreach ($this->lampPlaces($feedAt) as $lampAt) {
                    if ($tried++ >= self::MOST) {
                        break 3;
                    }
                    $layout = Layout::of($this->laidOut($feedAt, $lampAt, $models), $feedAt ?? '', $lampAt ?? '', $order);
                    $layouts = $layout === null ? $layouts : [...$layouts, $layout];
                }
            }
        }

        return $layouts;
    }

    /** @return list<string|null> boxes that the light's cable can come from; null: it stays */
    private function lampPlaces(?string $feedAt): array
    {
        $box = $this->lampBox();

        return $box === null || $feedAt === $box ? [null] : $this->placesFor(Varying::Lamp, $box);
    }

    /** The box of the lamps, where there is one only. */
    private function lampBox(): ?string
    {
        $boxes = array_values(array_unique(array_map(fn (Device $lamp) => $lamp->enclosure, $this->board->devicesOf(DeviceKind::Lamp))));

        return count($boxes) === 1 ? $boxes[0] : null;
    }

    /** @return list<string|null> boxes that the one cable of an enclosure can come from, its own first; null: it stays */
    private function placesFor(Varying $what, string $enclosure): array
    {
        $cables = $this->board->cablesIn($enclosure);
        if (! in_array($what, $this->varying, true) || count($cables) !== 1) {
            return [null];
        }
        $own = $cables[0]->farFrom($enclosure);
        $wanted = fn (Device $device) => $device->is(DeviceKind::Switch) || ($what === Varying::Feed && $device->is(DeviceKind::Lamp));
        $boxes = array_map(fn (Device $device) => $device->enclosure, array_filter($this->board->devices, $wanted));

        return array_values(array_unique([$own, ...array_values(array_diff($boxes, [$enclosure]))]));
    }

    /** @return array<string, array<string, DeviceModel>> name of an order → switch → the part that hangs there in it; the board's own first */
    private function orders(): array
    {
        $switches = $this->board->devicesOf(DeviceKind::Switch);
        $own = array_map(fn (Device $switch) => $switch->model, $switches);
        $isOneControl = count($this->board->controls) === 1 && count($this->board->controls[0]->switches) === count($switches);
        $orders = in_array(Varying::Order, $this->varying, true) && $isOneControl ? self::permutations($own) : [$own];
        $named = [];
        foreach ($orders as $models) {
            $ids = array_map(fn (Device $switch) => $switch->id, $switches);
            $named[implode('+', array_map(fn (DeviceModel $model) => $model->id, $models))] = array_combine($ids, $models);
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
        foreach ($models as $i => $first) {
            $rest = $models;
            array_splice($rest, $i, 1);
            foreach (self::permutations($rest) as $tail) {
                $order = [$first, ...$tail];
                $all[implode(' ', array_map(fn (DeviceModel $model) => $model->id, $order))] ??= $order;
            }
        }

        return array_values($all);
    }

    /** @param  array<string, DeviceModel>  $models */
    private function laidOut(?string $feedAt, ?string $lampAt, array $models): Board
    {
        $board = $this->board->with($models, $this->board->requirements);
        $isOwn = array_map(fn (Device $device) => $device->model->id, $board->devices) === array_map(fn (Device $device) => $device->model->id, $this->board->devices);
        foreach ([[$this->board->supply()->enclosure, $feedAt], [$this->lampBox(), $lampAt]] as [$enclosure, $to]) {
            $cable = $enclosure === null || $to === null ? null : $this->board->cablesIn($enclosure)[0];
            if ($cable !== null && $cable->farFrom($enclosure) !== $to) {
                $board = $board->withRuns([$cable->id => self::between($cable, $enclosure, $to)]);
                $isOwn = false;
            }
        }

        return $isOwn ? $board : self::undecided($board);
    }

    private static function between(Cable $cable, string $stays, string $to): Cable
    {
        [$from, $far] = $cable->from === $stays ? [$stays, $to] : [$to, $stays];

        return new Cable($cable->id, $cable->type, $from, $far, $cable->colour);
    }

    private static function undecided(Board $board): Board
    {
        $open = CableType::find(CableType::UNDECIDED) ?? throw new \LogicException('No undecided cable');
        $sheathed = array_filter($board->cables, fn (Cable $cable) => ! $cable->type->isSingle);

        return $board->withCables(array_map(fn () => $open, $sheathed));
    }
}
