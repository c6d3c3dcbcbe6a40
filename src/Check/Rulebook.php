<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Rules\AlwaysLit;
use Zwindle\Check\Rules\BoxOverfilled;
use Zwindle\Check\Rules\BreakerTooLarge;
use Zwindle\Check\Rules\CommonOnTraveller;
use Zwindle\Check\Rules\ConductorOpen;
use Zwindle\Check\Rules\ConnectorOverfilled;
use Zwindle\Check\Rules\CrowdedTerminal;
use Zwindle\Check\Rules\Dim;
use Zwindle\Check\Rules\EarthAsLive;
use Zwindle\Check\Rules\EarthMissing;
use Zwindle\Check\Rules\EarthUnsleeved;
use Zwindle\Check\Rules\EndNotCapped;
use Zwindle\Check\Rules\FalseMark;
use Zwindle\Check\Rules\FlexReversed;
use Zwindle\Check\Rules\FourWayPairSplit;
use Zwindle\Check\Rules\HouseLayout;
use Zwindle\Check\Rules\LeadsReversed;
use Zwindle\Check\Rules\LineUnmarked;
use Zwindle\Check\Rules\LiveEndExposed;
use Zwindle\Check\Rules\NeutralAbsentAtSwitch;
use Zwindle\Check\Rules\NeutralColour;
use Zwindle\Check\Rules\NeutralEarthContact;
use Zwindle\Check\Rules\NeutralSwitched;
use Zwindle\Check\Rules\NeverLights;
use Zwindle\Check\Rules\NotAlwaysOn;
use Zwindle\Check\Rules\OpenNeutral;
use Zwindle\Check\Rules\ParallelPath;
use Zwindle\Check\Rules\PartialControl;
use Zwindle\Check\Rules\PolaritySwitching;
use Zwindle\Check\Rules\RcdAbsent;
use Zwindle\Check\Rules\ReturnOnWhite;
use Zwindle\Check\Rules\RockerInverted;
use Zwindle\Check\Rules\SchemeNotAcceptedEverywhere;
use Zwindle\Check\Rules\SchemeNotAsAsked;
use Zwindle\Check\Rules\SeparateReturn;
use Zwindle\Check\Rules\ShellLive;
use Zwindle\Check\Rules\ShortLineEarth;
use Zwindle\Check\Rules\ShortLineNeutral;
use Zwindle\Check\Rules\SwitchNoEffect;
use Zwindle\Check\Rules\WhiteSingleAsLine;
use Zwindle\Check\Rules\WrongDevice;
use Zwindle\Check\Rules\WrongLamp;

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
            new ShortLineNeutral,
            new ShortLineEarth,
            new PolaritySwitching,
            new NeutralSwitched,
            new ShellLive,
            new EarthAsLive,
            new NeutralEarthContact,
            new LiveEndExposed,
            new EarthMissing,
            new WrongDevice,
            new CommonOnTraveller,
            new FourWayPairSplit,
            new OpenNeutral,
            new ConductorOpen,
            new LeadsReversed,
            new NeverLights,
            new AlwaysLit,
            new Dim,
            new SwitchNoEffect,
            new PartialControl,
            new WrongLamp,
            new NotAlwaysOn,
            new SchemeNotAsAsked,
        ];
    }

    /** @return list<Rule> those whose findings are a remark or a note */
    private static function remarking(): array
    {
        return [
            new LineUnmarked,
            new WhiteSingleAsLine,
            new FalseMark,
            new NeutralColour,
            new ReturnOnWhite,
            new NeutralAbsentAtSwitch,
            new SeparateReturn,
            new BoxOverfilled,
            new CrowdedTerminal,
            new ConnectorOverfilled,
            new EarthUnsleeved,
            new EndNotCapped,
            new FlexReversed,
            new SchemeNotAcceptedEverywhere,
            new RockerInverted,
            new RcdAbsent,
            new BreakerTooLarge,
            new ParallelPath,
            new HouseLayout,
        ];
    }
}
