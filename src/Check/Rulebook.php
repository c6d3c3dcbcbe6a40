<?php

declare(strict_types=1);

namespace Zwindle\Check;

/** All the rules there are. */
final class Rulebook
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [...self::failing(), ...self::remarking()];
    }

    /** @return list<Rule> those whose findings are a danger or a fault */
    public static function failing(): array
    {
        return [
            new Rules\ShortLineNeutral,
            new Rules\ShortLineEarth,
            new Rules\PolaritySwitching,
            new Rules\NeutralSwitched,
            new Rules\ShellLive,
            new Rules\EarthAsLive,
            new Rules\NeutralEarthContact,
            new Rules\LiveEndExposed,
            new Rules\EarthMissing,
            new Rules\WrongDevice,
            new Rules\CommonOnTraveller,
            new Rules\FourWayPairSplit,
            new Rules\OpenNeutral,
            new Rules\ConductorOpen,
            new Rules\LeadsReversed,
            new Rules\NeverLights,
            new Rules\AlwaysLit,
            new Rules\Dim,
            new Rules\SwitchNoEffect,
            new Rules\PartialControl,
            new Rules\WrongLamp,
            new Rules\NotAlwaysOn,
            new Rules\SchemeNotAsAsked,
        ];
    }

    /** @return list<Rule> those whose findings are a remark or a note */
    private static function remarking(): array
    {
        return [
            new Rules\LineUnmarked,
            new Rules\WhiteSingleAsLine,
            new Rules\FalseMark,
            new Rules\NeutralColour,
            new Rules\ReturnOnWhite,
            new Rules\NeutralAbsentAtSwitch,
            new Rules\SeparateReturn,
            new Rules\BoxOverfilled,
            new Rules\CrowdedTerminal,
            new Rules\ConnectorOverfilled,
            new Rules\EarthUnsleeved,
            new Rules\EndNotCapped,
            new Rules\FlexReversed,
            new Rules\SchemeNotAcceptedEverywhere,
            new Rules\RockerInverted,
            new Rules\RcdAbsent,
            new Rules\BreakerTooLarge,
            new Rules\ParallelPath,
            new Rules\HouseLayout,
        ];
    }
}
