<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Enclosure;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Plan\Plan;

/**
 * For boxes that get full: the order in which joints are folded in, so that the device goes back without force.
 *
 * Source: common practice. A box counts as full from three quarters of its volume; in Britain, which has no such count, from
 * nine insulated conductors.
 */
final readonly class FoldOrder
{
    private const FULL = 0.75;

    private const MANY_CONDUCTORS = 9;

    public function __construct(private Plan $plan)
    {
    }

    /** @return array<string, list<FoldStep>> enclosure → its layers, the rearmost first; only the full ones */
    public function ofFullBoxes(): array
    {
        $orders = [];
        foreach ($this->fullBoxes() as $box) {
            $orders[$box] = $this->of($box);
        }

        return $orders;
    }

    /** @return list<FoldStep> */
    private function of(string $box): array
    {
        $wiring = $this->plan->wiring;
        $layers = [];
        foreach ($wiring->joints as $joint) {
            if ($joint->enclosure !== $box) {
                continue;
            }
            $layer = match (true) {
                ! $joint->by->isConnector() && $wiring->points[$joint->points[0]]->device !== null => FoldLayer::Device,
                $this->carries($joint->points[0], Role::Earth) => FoldLayer::Earths,
                $this->carries($joint->points[0], Role::Neutral) => FoldLayer::Neutrals,
                default => FoldLayer::Line,
            };
            $layers[$layer->value][] = $joint->points;
        }
        foreach ($wiring->caps as $end) {
            if ($wiring->points[$end]->enclosure === $box) {
                $layers[FoldLayer::Spares->value][] = [$end];
            }
        }
        $steps = array_map(fn (FoldLayer $layer) => new FoldStep($layer, $layers[$layer->value] ?? []), FoldLayer::cases());

        return array_values(array_filter($steps, fn (FoldStep $step) => $step->bundles !== []));
    }

    /** @return list<string> */
    private function fullBoxes(): array
    {
        $board = $this->plan->wiring->board;
        if (! $board->practice->reckonsBoxFill) {
            return array_values(array_filter(
                array_keys($board->enclosures),
                fn (string $box) => $this->insulatedIn($box) >= self::MANY_CONDUCTORS && $board->devicesIn($box) !== [],
            ));
        }
        $full = [];
        foreach ((new FillCount($board, $board->edition, $this->plan->wiring))->boxes() as $fill) {
            if ($fill->volumeIn3 !== null && $fill->usedIn3->toFloat() >= self::FULL * $fill->volumeIn3->toFloat()) {
                $full[] = $fill->enclosure->id;
            }
        }

        return $full;
    }

    private function insulatedIn(string $box): int
    {
        $count = 0;
        foreach ($this->plan->wiring->board->cablesIn($box) as $cable) {
            foreach ($cable->cores as $core) {
                $count += $core->colour->isEarths() ? 0 : 1;
            }
        }

        return $count;
    }

    private function carries(string $point, Role $role): bool
    {
        return $this->plan->result->evidence->roles->has($point, $role);
    }
}
