<?php

declare(strict_types=1);

namespace Zwindle\Check\Findings;

use Zwindle\Catalogue\Practices\Practice;

/** What Check can say about a wiring; the order is the order of the report. */
enum FindingCode: string
{
    case ShortLineNeutral = 'short-line-neutral';
    case ShortLineEarth = 'short-line-earth';
    case PolaritySwitching = 'polarity-switching';
    case NeutralSwitched = 'neutral-switched';
    case ShellLive = 'shell-live';
    case EarthAsLive = 'earth-as-live';
    case NeutralEarthContact = 'neutral-earth-contact';
    case LiveEndExposed = 'live-end-exposed';
    case EarthMissing = 'earth-missing';
    case WrongDevice = 'wrong-device';
    case CommonOnTraveller = 'common-on-traveller';
    case FourWayPairSplit = 'four-way-pair-split';
    case OpenNeutral = 'open-neutral';
    case ConductorOpen = 'conductor-open';
    case LeadsReversed = 'leads-reversed';
    case RosePolarity = 'rose-polarity';
    case OutletReversed = 'outlet-reversed';
    case NeverLights = 'never-lights';
    case AlwaysLit = 'always-lit';
    case Dim = 'dim';
    case SwitchNoEffect = 'switch-no-effect';
    case PartialControl = 'partial-control';
    case WrongLamp = 'wrong-lamp';
    case NotAlwaysOn = 'not-always-on';
    case SchemeNotAsAsked = 'scheme-not-as-asked';
    case LineUnmarked = 'line-unmarked';
    case WhiteSingleAsLine = 'white-single-as-line';
    case FalseMark = 'false-mark';
    case NeutralColour = 'neutral-colour';
    case ReturnOnWhite = 'return-on-white';
    case NeutralAbsentAtSwitch = 'neutral-absent-at-switch';
    case SeparateReturn = 'separate-return';
    case BoxOverfilled = 'box-overfilled';
    case CrowdedTerminal = 'crowded-terminal';
    case ConnectorOverfilled = 'connector-overfilled';
    case EarthUnsleeved = 'earth-unsleeved';
    case EndNotCapped = 'end-not-capped';
    case FlexReversed = 'flex-reversed';
    case RoseBlocksExchanged = 'rose-blocks-exchanged';
    case SchemeNotAcceptedEverywhere = 'scheme-not-accepted-everywhere';
    case RockerInverted = 'rocker-inverted';
    case RcdAbsent = 'rcd-absent';
    case BreakerTooLarge = 'breaker-too-large';
    case ParallelPath = 'parallel-path';
    case HouseLayout = 'house-layout';

    public function severity(): Severity
    {
        return match ($this) {
            self::ShortLineNeutral, self::ShortLineEarth, self::PolaritySwitching, self::NeutralSwitched, self::ShellLive,
            self::EarthAsLive, self::NeutralEarthContact, self::LiveEndExposed, self::EarthMissing => Severity::Danger,
            self::LineUnmarked, self::FalseMark, self::NeutralColour, self::ReturnOnWhite, self::NeutralAbsentAtSwitch,
            self::SeparateReturn, self::BoxOverfilled, self::CrowdedTerminal, self::ConnectorOverfilled, self::EarthUnsleeved,
            self::EndNotCapped, self::FlexReversed, self::RoseBlocksExchanged, self::WhiteSingleAsLine,
            self::SchemeNotAcceptedEverywhere => Severity::Remark,
            self::RockerInverted, self::RcdAbsent, self::BreakerTooLarge, self::ParallelPath, self::HouseLayout => Severity::Note,
            default => Severity::Fault,
        };
    }

    /** Whether a practice knows it at all: the rules of the other one never find it. */
    public function isIn(Practice $practice): bool
    {
        return $practice->knows($this->value);
    }

    /** What it rests on where the edition has no section for it. */
    public function basis(): string
    {
        return match ($this) {
            self::AlwaysLit, self::NeverLights, self::WrongLamp, self::NotAlwaysOn, self::NeutralAbsentAtSwitch => 'what the board asks',
            self::SchemeNotAsAsked => 'what the task asks',
            default => 'common practice',
        };
    }

    /** Whether it says what was seen rather than what is wrong with the wiring, and so can follow from something else. */
    public function isSymptom(): bool
    {
        return in_array($this, [
            self::NeverLights, self::AlwaysLit, self::Dim, self::SwitchNoEffect, self::PartialControl, self::WrongLamp,
            self::NotAlwaysOn, self::SchemeNotAsAsked,
        ], true);
    }
}
