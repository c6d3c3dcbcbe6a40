<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** A part that can hang in a box: its terminals, and which contacts are closed in each position. */
final readonly class DeviceModel
{
    /**
     * @param  array<string, Terminal>  $terminals  by name, in the contract's order
     * @param  list<array{string, string}>  $closedUp  pairs of terminals that are one with the paddle up
     * @param  list<array{string, string}>  $closedDown
     */
    public function __construct(
        public string $id,
        public DeviceKind $kind,
        public array $terminals,
        public ?SwitchFunction $function = null,
        public ?LampFitting $fitting = null,
        public array $closedUp = [],
        public array $closedDown = [],
        public bool $hasPullChain = false,
    ) {
    }

    /**
     * The terminals between which a lamp burns; empty for anything else.
     *
     * @return list<Terminal>
     */
    public function lampSides(): array
    {
        return $this->withDuty(TerminalDuty::LampSide, TerminalDuty::LampShell);
    }

    /** @return list<Terminal> */
    public function contacts(): array
    {
        return $this->withDuty(TerminalDuty::Common, TerminalDuty::Throw, TerminalDuty::Pole);
    }

    /** @return list<Terminal> */
    public function withDuty(TerminalDuty ...$duties): array
    {
        return array_values(array_filter($this->terminals, fn (Terminal $terminal) => in_array($terminal->duty, $duties, true)));
    }
}
