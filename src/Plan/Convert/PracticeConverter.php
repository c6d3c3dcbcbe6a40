<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Editions\NeutralRule;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\CableChange;

/**
 * Carries a board over to another practice: parts, cables and colours become their counterparts, and where these cannot
 * hold the wiring, the smallest change of cables is made.
 */
final class PracticeConverter
{
    /** @var list<Note> */
    private array $notes = [];

    private readonly Counterparts $counterparts;

    private function __construct(private readonly Board $board, private readonly Practice $to)
    {
        $this->counterparts = new Counterparts($board->practice, $to);
    }

    /** @param  Practice|null  $to  the first of the others if null */
    public static function convert(Board $board, ?Practice $to = null): Conversion
    {
        $converter = new self($board, $to ?? array_values($board->practice->others())[0]);
        $converted = $converter->counterpart();
        [$converted, $after] = $converter->planned($converted);
        $before = Planner::plan($board)->plans[0] ?? null;
        if ($before !== null && $after !== null) {
            $converter->notes = [...$converter->notes, ...Differences::between($before, $after)];
        }

        return new Conversion($converted, $before, $after, $converter->notes);
    }

    private function counterpart(): Board
    {
        $devices = $this->devices();
        $isGone = fn (string $id) => ! isset($devices[$id]);

        return Board::of(
            $this->board->title,
            $this->to,
            Editions::newest($this->to),
            array_map($this->enclosure(...), $this->board->enclosures),
            $devices,
            $this->cables(),
            array_map(fn (Control $control) => new Control($control->lamps, $control->switches), $this->board->controls),
            array_values(array_filter($this->board->alwaysOn, fn (string $id) => ! $isGone($id))),
            $this->board->requirements,
            $this->board->wall,
        );
    }

    private function enclosure(Enclosure $enclosure): Enclosure
    {
        $hasLamp = array_filter($this->board->devicesIn($enclosure->id), fn (Device $device) => $device->is(DeviceKind::Lamp)) !== [];
        $kind = match (true) {
            $enclosure->kind !== EnclosureKind::CeilingRose || $this->hasRoses() => $enclosure->kind,
            $hasLamp => EnclosureKind::LightBox,
            default => EnclosureKind::JunctionBox,
        };
        if ($enclosure->box !== null || $enclosure->volumeIn3 !== null) {
            $this->notes[] = new Note(NoteKind::BoxVolume, [$enclosure->id]);
        }

        return new Enclosure($enclosure->id, $kind, $enclosure->label, $enclosure->isMetal, $enclosure->at);
    }

    private function hasRoses(): bool
    {
        return array_filter(DeviceCatalogue::of($this->to), fn (DeviceModel $model) => $model->kind === DeviceKind::Rose) !== [];
    }

    /** @return array<string, Device> */
    private function devices(): array
    {
        $devices = [];
        foreach ($this->board->devices as $device) {
            $model = $this->counterparts->ofModel($device->model);
            if ($model === null) {
                $this->notes[] = new Note(
                    $device->is(DeviceKind::Rose) ? NoteKind::RoseGone : NoteKind::DeviceGone,
                    [$device->id],
                    $device->model->id,
                );

                continue;
            }
            $isSupply = $device->is(DeviceKind::Supply);
            $devices[$device->id] = new Device(
                $device->id, $device->enclosure, $model,
                $isSupply ? (float) $this->to->supply['breakerA'] : null,
                $isSupply && isset($this->to->supply['rcdMa']) ? (float) $this->to->supply['rcdMa'] : null,
            );
            $this->notes[] = new Note($isSupply ? NoteKind::Supply : NoteKind::Device, [$device->id], $device->model->id, $model->id);
        }

        return $devices;
    }

    /** @return array<string, Cable> */
    private function cables(): array
    {
        $cables = [];
        foreach ($this->board->cables as $cable) {
            $types = $cable->beyond === null
                ? $this->counterparts->ofCable($cable->type)
                : [$this->counterparts->ofOnward($cable->type)];
            $colour = $cable->colour === null ? null : $this->counterparts->ofSingle($cable->colour);
            foreach ($types as $i => $type) {
                $id = $i === 0 ? $cable->id : $this->freeId($cable->id);
                $cables[$id] = new Cable($id, $type, $cable->from, $cable->to, $colour, $cable->lengthM);
            }
            $isSame = $types[0]->id === $cable->type->id;
            if (! $isSame && $colour === null) {
                $this->notes[] = new Note(
                    count($types) > 1 ? NoteKind::CableSplit : NoteKind::Cable,
                    [$cable->id],
                    $cable->type->id,
                    implode(' ', array_column($types, 'id')),
                );
            }
        }

        return $cables;
    }

    /** The id of a second cable beside one. */
    private function freeId(string $id): string
    {
        $taken = $this->board->cables + $this->board->devices + $this->board->enclosures;
        for ($number = 2; isset($taken[substr($id, 0, 28)."_$number"]); $number++);

        return substr($id, 0, 28)."_$number";
    }

    /**
     * Where a switch needs no neutral, as in Britain, and two cores will do, two are run.
     *
     * @return array{Board, Plan}
     */
    private function withFewerCores(Board $board, Plan $plan): array
    {
        $needsNone = $board->edition->neutralAtSwitches === NeutralRule::None;
        foreach ($needsNone ? $board->cables : [] as $id => $cable) {
            $fewer = $this->counterparts->withTwoCores($cable->type);
            $smaller = $fewer === null ? $board : $board->withCables([$id => $fewer]);
            $found = $fewer === null ? null : (Planner::plan($smaller)->plans[0] ?? null);
            if ($fewer !== null && $found !== null && $found->result->verdict === $plan->result->verdict) {
                $this->notes[] = new Note(NoteKind::CableFewer, [(string) $id], $cable->type->id, $fewer->id);
                [$board, $plan] = [$smaller, $found];
            }
        }

        return [$board, $plan];
    }

    /** @return array{Board, Plan|null} the board as it can be wired, and how */
    private function planned(Board $board): array
    {
        $planning = Planner::plan($board);
        if ($planning->plans === [] && $board->requirements->scheme !== Requirements::ANY_SCHEME) {
            $open = $board->with(
                [],
                new Requirements(Requirements::ANY_SCHEME, $board->requirements->neutralAtSwitches, $board->requirements->earths),
            );
            $planned = Planner::plan($open);
            if ($planned->plans !== [] || ! CableChange::of($planned, $open)->isNone()) {
                $this->notes[] = new Note(NoteKind::SchemeDropped, [], $board->requirements->scheme);
                [$board, $planning] = [$open, $planned];
            }
        }
        if ($planning->plans !== []) {
            return $this->withFewerCores($board, $planning->plans[0]);
        }
        $change = CableChange::of($planning, $board);
        foreach ($change->types as $cable => $type) {
            $this->notes[] = new Note(NoteKind::CableChanged, [$cable], $board->cables[$cable]->type->id, $type->id);
        }
        $beside = [];
        foreach ($change->beside as $cable => $type) {
            $id = $this->freeId($cable);
            $beside[] = new Cable(
                $id,
                $type,
                $board->cables[$cable]->from,
                $board->cables[$cable]->to,
                lengthM: $board->cables[$cable]->lengthM,
            );
            $this->notes[] = new Note(NoteKind::CableBeside, [$cable, $id], after: $type->id);
        }
        foreach ($change->singles as $cable => $colours) {
            foreach ($colours as $colour) {
                $id = $this->freeId($cable.count($beside));
                $beside[] = new Cable(
                    $id,
                    $board->cables[$cable]->type,
                    $board->cables[$cable]->from,
                    $board->cables[$cable]->to,
                    $colour,
                    $board->cables[$cable]->lengthM,
                );
                $this->notes[] = new Note(NoteKind::SinglesBeside, [$cable, $id], after: $colour->value);
            }
        }
        $changed = $board->withCables($change->types)->withCablesBeside($beside);
        $plan = $change->isNone() ? null : Planner::plan($changed)->plans[0] ?? null;
        if ($plan === null) {
            $this->notes[] = new Note(NoteKind::NoPlan);
        }

        return [$changed, $plan];
    }
}
