<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

/**
 * The usual mistakes, and the faults of parts that look like them: one catalogue for diagnosis and teaching.
 *
 * Source: common practice of the trade.
 */
enum MistakeKind: string
{
    case CommonExchanged = 'common-and-traveller-exchanged';
    case PairSplit = 'pair-split';
    case LookAlikePart = 'look-alike-part';
    case CoreOpen = 'core-open';
    case OnPermanentLine = 'lamp-on-permanent-line';
    case NeutralOpen = 'neutral-open';
    case NeutralSwitched = 'neutral-switched';
    case NeutralOnEarth = 'neutral-on-earth';
    case LineNeutralExchanged = 'line-and-neutral-exchanged';
    case EarthOff = 'earth-off';
    case LampsInSeries = 'lamps-in-series';
    case LineUnmarked = 'line-unmarked';
    case LooseTerminal = 'loose-terminal';
    case ContactDead = 'contact-dead';
    case ContactStuck = 'contact-stuck';
    case LampBlown = 'lamp-blown';
    /** It opened, and what made it open is gone: nothing is wrong on the board. */
    case BreakerTripped = 'breaker-tripped';

    /** Whether nothing of it shows in the joints: a part is at fault, or a conductor along its run. */
    public function isHidden(): bool
    {
        return $this === self::CoreOpen
            || $this === self::ContactDead
            || $this === self::ContactStuck
            || $this === self::LampBlown
            || $this->isOfSupply();
    }

    /** Whether it is put right at the supply, and no hand goes into a box for it. */
    public function isOfSupply(): bool
    {
        return $this === self::BreakerTripped;
    }

    /** Whether making it once more takes it back. */
    public function isExchange(): bool
    {
        return $this === self::CommonExchanged
            || $this === self::PairSplit
            || $this === self::LineNeutralExchanged
            || $this === self::NeutralSwitched;
    }
}
