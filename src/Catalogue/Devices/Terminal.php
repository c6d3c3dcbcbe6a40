<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** A place on a device where a conductor lands; a lead is a conductor that flies out of it. */
final readonly class Terminal
{
    /**
     * @param  int|null  $takes  conductors; null where there is no limit
     * @param  bool  $isForNeutral  whether its maker marked it for the neutral, though the lamp lights either way round
     * @param  bool  $isFlex  whether it is a conductor of a pendant's flex, whose lampholder may stand either way round
     */
    public function __construct(
        public string $name,
        public TerminalDuty $duty,
        public ?int $takes = null,
        public bool $isLead = false,
        public bool $isForNeutral = false,
        public bool $isFlex = false,
    ) {
    }

    public function isEarth(): bool
    {
        return $this->duty === TerminalDuty::Earth;
    }
}
