<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Practices\Practice;

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
    /** The return from the switch in the neutral block, or spliced with the neutrals: it trips when it is on. */
    case SwitchedWithNeutrals = 'switched-line-with-neutrals';
    case GroundOnLiveScrew = 'ground-on-live-screw';
    case LineOnMetal = 'line-on-metal';
    /** Two conductors caught under a cover: who takes it off sees that they meet. */
    case Pinched = 'pinched-under-cover';
    /** The tail between the splice of the earths and a device or a box. */
    case EarthTailMissing = 'earth-tail-missing';
    case OutletReversed = 'outlet-reversed';
    /** What is to stay on, put on the switched line. */
    case AlwaysOnSwitched = 'always-on-switched';
    /** A cable that goes on to another place, left off. */
    case OnwardForgotten = 'onward-forgotten';
    /** A British two-way used one-way on COM and L2: on when it is up. */
    case RockerInverted = 'rocker-inverted';
    /** A North American lampholder whose own pull chain is off. */
    case PullChainOff = 'pull-chain-off';
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
            || $this === self::PullChainOff
            || $this->isOfSupply();
    }

    /** Whether it can be on boards of a practice at all. */
    public function isIn(Practice $practice): bool
    {
        return match ($this) {
            self::OutletReversed, self::RockerInverted => $practice->knows($this->value),
            self::PullChainOff => array_filter(DeviceCatalogue::of($practice), fn (DeviceModel $model) => $model->hasPullChain) !== [],
            default => true,
        };
    }

    /** @return list<self> what may be put into a board that is looked through, and named there */
    public static function huntedIn(Practice $practice): array
    {
        return array_values(array_filter(self::cases(), fn (self $kind) => $kind->isHunted() && $kind->isIn($practice)));
    }

    /** Whether it is put in where a board on the screen is looked through: a chain is pulled, and nothing is to be found. */
    public function isHunted(): bool
    {
        return $this !== self::PullChainOff;
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
            || $this === self::NeutralSwitched
            || $this === self::OutletReversed;
    }
}
