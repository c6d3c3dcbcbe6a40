<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;

/**
 * For each switch box: could an electronic switch that needs a neutral go there, and if not, the cheapest cable that would
 * allow it.
 *
 * Source: NEC 404.2(C) (memory) asks for the neutral; what electronic controls need is common practice.
 */
final readonly class NeutralAt
{
    private function __construct(
        public string $enclosure,
        public NeutralAnswer $answer,
        public BoardChange $change,
    ) {
    }

    /** @return list<self> in the board's order; empty if it cannot be wired at all */
    public static function everySwitchBox(Board $board, ?string $scheme = null, ?CodeEdition $edition = null): array
    {
        $plan = Planner::plan($board, $scheme, edition: $edition)->plans[0] ?? null;
        if ($plan === null) {
            return [];
        }
        $boxes = array_values(array_unique(array_map(fn (Device $switch) => $switch->enclosure, $board->devicesOf(DeviceKind::Switch))));

        return array_map(
            fn (string $box) => self::hasNeutral($plan, $box)
                ? new self($box, NeutralAnswer::There, new BoardChange)
                : self::asked($board, $box, $scheme, $edition),
            $boxes,
        );
    }

    /** @return self|null null if the board cannot be wired at all */
    public static function in(Board $board, string $box): ?self
    {
        $plan = Planner::plan($board)->plans[0] ?? null;
        if ($plan === null) {
            return null;
        }

        return self::hasNeutral($plan, $box)
            ? new self($box, NeutralAnswer::There, new BoardChange)
            : self::asked($board, $box, null, null);
    }

    private static function asked(Board $board, string $box, ?string $scheme, ?CodeEdition $edition): self
    {
        $wanting = $board->with([], $board->requirements->withNeutralIn($box));
        $planning = Planner::plan($wanting, $scheme, edition: $edition);
        if ($planning->plans !== []) {
            return new self($box, NeutralAnswer::OtherPlan, new BoardChange);
        }
        $change = CableChange::of($planning, $wanting, $scheme, $edition);

        return new self($box, $change->isNone() ? NeutralAnswer::NoneFound : NeutralAnswer::OtherCable, $change);
    }

    /** Whether a plan brings one. Joined or capped: a neutral that ends in the box can be used there. */
    public static function hasNeutral(Plan $plan, string $box): bool
    {
        foreach ($plan->wiring->board->cablesIn($box) as $cable) {
            foreach ($cable->cores as $core) {
                if ($plan->result->evidence->roles->has($core->endIn($box), Role::Neutral)) {
                    return true;
                }
            }
        }

        return false;
    }
}
