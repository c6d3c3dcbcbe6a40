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
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\CableChange;

/**
 * Carries a board over to the other practice: parts, cables and colours become their counterparts, and where these cannot
 * hold the wiring, the smallest change of cables is made.
 */
final class PracticeConverter
{
    /**
     * A lighting circuit in Britain: 6 A, and a 30 mA RCD in dwellings, BS 7671 411.3.4 (memory); 15 A on 14 AWG, NEC 240.4(D) (memory).
     */
    private const BRITISH_BREAKER_A = 6.0;

    private const BRITISH_RCD_MA = 30.0;

    private const AMERICAN_BREAKER_A = 15.0;

    /** @var list<Note> */
    private array $notes = [];

    private readonly Practice $to;

    private function __construct(private readonly Board $board)
    {
        $this->to = $board->practice === Practice::Britain ? Practice::NorthAmerica : Practice::Britain;
    }

    public static function convert(Board $board): Conversion
    {
        $converter = new self($board);
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
            $enclosure->kind !== EnclosureKind::CeilingRose => $enclosure->kind,
            $hasLamp => EnclosureKind::LightBox,
            default => EnclosureKind::JunctionBox,
        };
        if ($enclosure->box !== null || $enclosure->volumeIn3 !== null) {
            $this->notes[] = new Note(NoteKind::BoxVolume, [$enclosure->id]);
        }

        return new Enclosure($enclosure->id, $kind, $enclosure->label, $enclosure->isMetal, $enclosure->at);
    }

    /** @return array<string, Device> */
    private function devices(): array
    {
        $devices = [];
        foreach ($this->board->devices as $device) {
            $model = Counterparts::ofModel($device->model);
            if ($model === null) {
                $this->notes[] = new Note(
                    $device->is(DeviceKind::Rose) ? NoteKind::RoseGone : NoteKind::DeviceGone,
                    [$device->id],
                    $device->model->id,
                );

                continue;
            }
            $isSupply = $device->is(DeviceKind::Supply);
            $isBritish = $this->to === Practice::Britain;
            $devices[$device->id] = new Device(
                $device->id, $device->enclosure, $model,
                $isSupply ? ($isBritish ? self::BRITISH_BREAKER_A : self::AMERICAN_BREAKER_A) : null,
                $isSupply && $isBritish ? self::BRITISH_RCD_MA : null,
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
            $types = Counterparts::ofCable($cable->type);
            $colour = $cable->colour === null ? null : Counterparts::ofSingle($cable->colour, $this->to);
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
     * A British switch needs no neutral: where two cores will do, two are run.
     *
     * @return array{Board, Plan}
     */
    private function withFewerCores(Board $board, Plan $plan): array
    {
        foreach ($this->to === Practice::Britain ? $board->cables : [] as $id => $cable) {
            $fewer = $cable->type->id === 'gb-1.5-3ce' ? CableType::find('gb-1.5-te') : null;
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
