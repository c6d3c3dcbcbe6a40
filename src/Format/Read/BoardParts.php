<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Cable;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;

/** What a board file names, before it is known whether it makes a board. */
final readonly class BoardParts
{
    /**
     * @param  array<string, Enclosure>  $enclosures
     * @param  array<string, Device>  $devices
     * @param  array<string, Cable>  $cables
     * @param  list<Control>  $controls
     * @param  list<string>  $alwaysOn
     */
    public function __construct(
        public array $enclosures,
        public array $devices,
        public array $cables,
        public array $controls,
        public array $alwaysOn,
    ) {
    }
}
