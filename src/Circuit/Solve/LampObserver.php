<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Brick\Math\BigRational;

/** Notes what each lamp's sides were in one picture of the lamps. */
final readonly class LampObserver
{
    private BigRational $liveFrom;

    /** @param  list<LampFacts>  $facts  of each lamp, added to */
    public function __construct(private array $facts)
    {
        $this->liveFrom = BigRational::of('1/10');
    }

    /** @param  list<array{int, int}>  $lampNodes */
    public function note(LampSolution $solution, array $lampNodes, int $line, int $neutral, int $earth): void
    {
        foreach ($this->facts as $lamp => $facts) {
            $nodes = $lampNodes[$lamp];
            $shares = array_map($solution->network->shareAt(...), $nodes);
            foreach ([0, 1] as $side) {
                $higher = $shares[$side]->isGreaterThan($shares[1 - $side]);
                $facts->onLine[$side] = $facts->onLine[$side] || $nodes[$side] === $line;
                $facts->onNeutral[$side] = $facts->onNeutral[$side] || $nodes[$side] === $neutral;
                $facts->onLineSide[$side] = $facts->onLineSide[$side] || $higher || $nodes[$side] === $line;
            }
            $areLive = $shares[0]->isGreaterThanOrEqualTo($this->liveFrom) && $shares[1]->isGreaterThanOrEqualTo($this->liveFrom);
            if ($areLive && ! $solution->lamps[$lamp]->isLit()) {
                $facts->offWhileFloating = $facts->offWhileFloating || $nodes[0] !== $nodes[1];
                $facts->offWhileOnLine = $facts->offWhileOnLine || $nodes === [$line, $line];
            }
            $ports = [$line, $neutral, $earth];
            $facts->hasLine = $facts->hasLine || self::reaches($lampNodes, $lamp, $line, $ports);
            $facts->hasNeutral = $facts->hasNeutral || self::reaches($lampNodes, $lamp, $neutral, $ports);
        }
    }

    /**
     * Whether a lamp is tied to a terminal of the supply without passing through itself or another terminal of it.
     *
     * @param  list<array{int, int}>  $lampNodes
     * @param  list<int>  $ports
     */
    private static function reaches(array $lampNodes, int $lamp, int $goal, array $ports): bool
    {
        $next = $lampNodes[$lamp];
        $seen = [];
        while (($node = array_pop($next)) !== null) {
            if ($node === $goal) {
                return true;
            }
            if (isset($seen[$node]) || in_array($node, $ports, true)) {
                continue;
            }
            $seen[$node] = true;
            foreach ($lampNodes as $other => [$one, $two]) {
                if ($other !== $lamp && $one === $node) {
                    $next[] = $two;
                }
                if ($other !== $lamp && $two === $node) {
                    $next[] = $one;
                }
            }
        }

        return false;
    }
}
