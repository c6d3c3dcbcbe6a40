<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

use Zwindle\Board\Core;
use Zwindle\Board\Point;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\NetFacts;
use Zwindle\Circuit\Solve\Survey;

/**
 * What each net carries, found from what it is tied to and never from its colour.
 *
 * A net on a terminal of the supply has that terminal's role, more than one where it stands on more than one. Any other
 * net is judged by what switches tie it to; where they tie it to nothing (the feed is off further up), by what hangs
 * on it.
 */
final readonly class Roles
{
    /** @param  list<non-empty-list<Role>>  $byNet */
    private function __construct(
        private Circuit $circuit,
        private array $byNet,
    ) {
    }

    public static function of(Survey $survey): self
    {
        $byNet = [];
        foreach ($survey->nets as $net => $facts) {
            $byNet[] = self::atSupply($survey->circuit, $net) ?: [self::beyondSwitches($survey->circuit, $net, $facts)];
        }

        return new self($survey->circuit, $byNet);
    }

    /** @return non-empty-list<Role> */
    public function ofNet(int $net): array
    {
        return $this->byNet[$net];
    }

    /** @return non-empty-list<Role> */
    public function at(string $point): array
    {
        return $this->byNet[$this->circuit->nets->at($point)];
    }

    /** What a core carries; the first of it where its net stands on more than one terminal of the supply. */
    public function ofCore(Core $core): Role
    {
        return $this->at($core->ends()[0])[0];
    }

    public function has(string $point, Role $role): bool
    {
        return in_array($role, $this->at($point), true);
    }

    public function isOnLineSide(string $point): bool
    {
        foreach ($this->at($point) as $role) {
            if ($role->isOnLineSide()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Role> */
    private static function atSupply(Circuit $circuit, int $net): array
    {
        $roles = [];
        foreach ([
            [$circuit->lineNet, Role::Line],
            [$circuit->neutralNet, Role::Neutral],
            [$circuit->earthNet, Role::Earth],
        ] as [$supplyNet, $role]) {
            if ($net === $supplyNet) {
                $roles[] = $role;
            }
        }

        return $roles;
    }

    private static function beyondSwitches(Circuit $circuit, int $net, NetFacts $facts): Role
    {
        $points = array_map(fn (string $id) => $circuit->wiring->points[$id], $circuit->nets->points[$net]);
        $switches = array_unique(array_map(
            fn (Point $point) => $point->device,
            self::withDuty($points, TerminalDuty::Common, TerminalDuty::Throw, TerminalDuty::Pole),
        ));
        $feedsALamp = self::withDuty($points, TerminalDuty::LampSide, TerminalDuty::LampShell, TerminalDuty::SwitchedBlock) !== [];

        return match (true) {
            $facts->tiedToLine => $feedsALamp ? Role::SwitchedLine : Role::Traveller,
            $facts->tiedToNeutral => Role::Neutral,
            $switches !== [] && $feedsALamp => Role::SwitchedLine,
            count($switches) > 1 => Role::Traveller,
            default => Role::None,
        };
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function withDuty(array $points, TerminalDuty ...$duties): array
    {
        return array_values(array_filter($points, fn (Point $point) => in_array($point->terminal?->duty, $duties, true)));
    }
}
