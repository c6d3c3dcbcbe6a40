<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\Device;
use Zwindle\Board\EnclosureKind;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/** What makes of the parts that a file names a board that can be judged. */
final class BoardSense
{
    public static function check(BoardParts $board, Problems $problems): void
    {
        self::oneSupply($board, $problems);
        self::smallEnough($board, $problems);
        self::controls($board, $problems);
        self::alwaysOn($board, $problems);
        self::allConnected($board, $problems);
        self::onward($board, $problems);
    }

    private static function onward(BoardParts $board, Problems $problems): void
    {
        foreach (array_values($board->enclosures) as $i => $place) {
            if ($place->kind !== EnclosureKind::Onward) {
                continue;
            }
            foreach (array_values($board->devices) as $j => $device) {
                if ($device->enclosure === $place->id) {
                    $problems->add("/devices/$j/in", ProblemCode::OnwardWithDevice, ['id' => $device->id, 'detail' => $place->id]);
                }
            }
            $cables = array_filter(array_values($board->cables), fn (Cable $cable) => $cable->touches($place->id));
            if (count($cables) !== 1) {
                $problems->add("/enclosures/$i", ProblemCode::OnwardNotOneCable, ['id' => $place->id, 'count' => count($cables)]);
            }
            foreach ($cables as $j => $cable) {
                if (! $cable->type->isUndecided() && ! self::mayGoOn($cable)) {
                    $problems->add("/cables/$j/type", ProblemCode::OnwardCable, ['id' => $cable->id]);
                }
            }
        }
    }

    /** Two cores and an earth, or where only white is neutral more of them with a white. */
    private static function mayGoOn(Cable $cable): bool
    {
        $insulated = array_filter($cable->cores, fn (Core $core) => ! $core->colour->isEarths());
        $hasAll = $cable->lineCore() !== null && $cable->neutralCore() !== null && count($insulated) < count($cable->cores);

        return $hasAll && (count($insulated) === 2 || ($cable->type->practice?->sleevesAnyCore === false));
    }

    private static function oneSupply(BoardParts $board, Problems $problems): void
    {
        $supplies = array_keys(array_filter(array_values($board->devices), fn ($device) => $device->is(DeviceKind::Supply)));
        if ($supplies === []) {
            $problems->add('/devices', ProblemCode::NoSupply);
        }
        foreach (array_slice($supplies, 1) as $i) {
            $problems->add("/devices/$i", ProblemCode::TwoSupplies);
        }
    }

    private static function smallEnough(BoardParts $board, Problems $problems): void
    {
        $count = count(array_filter($board->devices, fn (Device $device) => $device->is(DeviceKind::Switch)));
        if ($count > Board::MOST_SWITCHES) {
            $problems->add('/devices', ProblemCode::TooManySwitches, ['count' => $count, 'most' => Board::MOST_SWITCHES]);
        }
        if (count($board->cables) > Board::MOST_CABLES) {
            $problems->add('/cables', ProblemCode::TooManyCables, ['count' => count($board->cables), 'most' => Board::MOST_CABLES]);
        }
    }

    private static function controls(BoardParts $board, Problems $problems): void
    {
        $controlled = [];
        foreach ($board->controls as $i => $control) {
            foreach ($control->lamps as $j => $id) {
                self::expect($board, $id, [DeviceKind::Lamp], "/controls/$i/lamps/$j", ProblemCode::NotALamp, $problems);
                if (isset($controlled[$id])) {
                    $problems->add("/controls/$i/lamps/$j", ProblemCode::TwiceControlled, ['id' => $id]);
                }
                $controlled[$id] = true;
            }
            foreach ($control->switches as $j => $id) {
                self::expect($board, $id, [DeviceKind::Switch], "/controls/$i/switches/$j", ProblemCode::NotASwitch, $problems);
            }
        }
    }

    private static function alwaysOn(BoardParts $board, Problems $problems): void
    {
        $kinds = [DeviceKind::Receptacle, DeviceKind::Rose, DeviceKind::Lamp];
        foreach ($board->alwaysOn as $i => $id) {
            self::expect($board, $id, $kinds, "/alwaysOn/$i", ProblemCode::CannotBeAlwaysOn, $problems);
        }
    }

    /** @param  list<DeviceKind>  $kinds */
    private static function expect(
        BoardParts $board,
        string $id,
        array $kinds,
        string $pointer,
        ProblemCode $otherwise,
        Problems $problems,
    ): void {
        $device = $board->devices[$id] ?? null;
        if ($device === null) {
            $problems->add($pointer, ProblemCode::UnknownDevice, ['id' => $id]);
        } elseif (! in_array($device->model->kind, $kinds, true)) {
            $problems->add($pointer, $otherwise, ['id' => $id, 'model' => $device->model->id]);
        }
    }

    private static function allConnected(BoardParts $board, Problems $problems): void
    {
        $reached = [];
        $next = [array_key_first($board->enclosures)];
        while (($id = array_pop($next)) !== null) {
            if (isset($reached[$id])) {
                continue;
            }
            $reached[$id] = true;
            foreach (array_filter($board->cables, fn (Cable $cable) => $cable->touches((string) $id)) as $cable) {
                $next[] = $cable->farFrom((string) $id);
            }
        }
        foreach (array_keys($board->enclosures) as $i => $id) {
            if (! isset($reached[$id])) {
                $problems->add("/enclosures/$i", ProblemCode::NotConnected, ['id' => $id]);
            }
        }
    }
}
