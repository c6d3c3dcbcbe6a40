<?php

declare(strict_types=1);

namespace Zwindle\Plan;

use Zwindle\Board\Core;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Result;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Plan\Search\Chain;

/** A worked-out wiring with the check of it. */
final readonly class Plan
{
    /** @param  list<Chain>  $chains */
    public function __construct(
        public Wiring $wiring,
        public Result $result,
        public array $chains,
        public int $cost,
    ) {
    }

    public function roleOf(Core $core): Role
    {
        return $this->result->evidence->roles->ofCore($core);
    }

    /** What tells it from other plans: what each core carries, and the order of the chain. */
    public function identity(): string
    {
        $roles = [];
        foreach ($this->result->evidence->cores() as $core) {
            $roles[$core->id()] = $this->roleOf($core)->value;
        }

        return json_encode([$roles, array_map(fn (Chain $chain) => $chain->switches, $this->chains)], JSON_THROW_ON_ERROR);
    }
}
