<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\NeutralRule;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** No neutral conductor in a switch box where the edition, or the board, asks for one. */
final readonly class NeutralAbsentAtSwitch implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $asked = $evidence->board->requirements->neutralAtSwitches;
        $rule = $asked === Requirements::NEUTRAL_BY_CODE ? $evidence->edition->neutralAtSwitches : NeutralRule::None;
        $lacking = match (true) {
            $asked === Requirements::NEUTRAL_IN_EVERY_BOX => array_filter(
                self::switchBoxes($evidence),
                fn (string $box) => ! self::hasNeutral($evidence, $box),
            ),
            $rule === NeutralRule::EveryBox => array_filter(
                self::switchBoxes($evidence),
                fn (string $box) => self::lacksByCode($evidence, $box),
            ),
            $rule === NeutralRule::OneLocation => self::boxesOfLampsWithout($evidence),
            $rule === NeutralRule::NoneForSeveral => self::boxesOfLampsWithout($evidence, onlyAlone: true),
            default => [],
        };
        foreach ($lacking as $box) {
            $switches = array_filter($evidence->board->devicesIn($box), fn (Device $device) => $device->is(DeviceKind::Switch));
            $shape = match ($rule) {
                NeutralRule::OneLocation => 'one-location',
                NeutralRule::NoneForSeveral => 'alone',
                default => 'every-box',
            };
            $isSpared = $rule !== NeutralRule::None && $evidence->edition->isReachableExempt;
            yield new Finding(
                FindingCode::NeutralAbsentAtSwitch,
                array_values(array_map(fn (Device $device) => $device->id, $switches)),
                ['shape' => $shape, 'spared' => $isSpared ? 'reachable' : ''],
            );
        }
    }

    /** @return list<string> boxes with a switch in them */
    private static function switchBoxes(Evidence $evidence): array
    {
        return array_values(array_unique(array_map(
            fn (Device $switch) => $switch->enclosure,
            $evidence->board->devicesOf(DeviceKind::Switch),
        )));
    }

    /**
     * @param  bool  $onlyAlone  whether controls of several switches are passed over: their floor is taken to be seen from them
     * @return list<string> the boxes of those controls of which none has a neutral
     */
    private static function boxesOfLampsWithout(Evidence $evidence, bool $onlyAlone = false): array
    {
        $lacking = [];
        $controls = array_filter($evidence->board->controls, fn (Control $control) => ! $onlyAlone || count($control->switches) === 1);
        foreach ($controls as $control) {
            $boxes = array_unique(array_map(fn (string $switch) => $evidence->board->devices[$switch]->enclosure, $control->switches));
            $without = array_filter($boxes, fn (string $box) => self::lacksByCode($evidence, $box));
            if (count($without) === count($boxes)) {
                $lacking = [...$lacking, ...$without];
            }
        }

        return array_values(array_unique($lacking));
    }

    /** A box into which only singles come is exempt: a neutral can be drawn in later. */
    private static function lacksByCode(Evidence $evidence, string $box): bool
    {
        $cables = array_filter($evidence->board->cablesIn($box), fn (Cable $cable) => ! $cable->type->isSingle);

        return $cables !== [] && ! self::hasNeutral($evidence, $box);
    }

    private static function hasNeutral(Evidence $evidence, string $box): bool
    {
        foreach ($evidence->board->cablesIn($box) as $cable) {
            foreach ($cable->cores as $core) {
                if (! $core->colour->isEarths() && $evidence->netOfCore($core) === $evidence->circuit->neutralNet) {
                    return true;
                }
            }
        }

        return false;
    }
}
