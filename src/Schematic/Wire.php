<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

use Zwindle\Circuit\Scheme\Role;

/** One net of the diagram, as straight pieces between columns and rows. */
final readonly class Wire
{
    /**
     * @param  list<array{int, int, int, int}>  $pieces  x and row of both ends, level or upright
     * @param  list<array{int, int}>  $dots  where three pieces meet
     * @param  bool  $isStub  nothing else stands on it: an open end
     */
    public function __construct(
        public int $net,
        public Role $role,
        public array $pieces,
        public array $dots,
        public bool $isStub,
    ) {
    }
}
