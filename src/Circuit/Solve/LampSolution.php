<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Brick\Math\BigRational;

/** What the lamps do while line meets no return, whatever the state it is: it depends on the nodes of their sides alone. */
final readonly class LampSolution
{
    /** @param  list<LampState>  $lamps */
    private function __construct(
        public LampNetwork $network,
        public array $lamps,
        public ?Trip $trip,
    ) {
    }

    /** @param  list<array{int, int}>  $lampNodes  the nodes of the two sides of each lamp */
    public static function of(array $lampNodes, int $line, int $neutral, int $earth, bool $hasRcd): self
    {
        $network = new LampNetwork($lampNodes, $line, [$neutral, $earth]);
        $trips = $hasRcd && self::someCurrentReturnsByEarth($lampNodes, $network, $earth);
        $lamps = [];
        foreach ($lampNodes as [$one, $other]) {
            $lamps[] = $trips ? LampState::Off : LampState::atShareOfNominal(self::across($network, $one, $other)->abs());
        }

        return new self($network, $lamps, $trips ? Trip::Rcd : null);
    }

    /**
     * The current through each lamp from its first side to its second, in shares of what it draws at nominal voltage.
     *
     * @param  list<array{int, int}>  $lampNodes
     * @return list<float>
     */
    public function currents(array $lampNodes): array
    {
        return array_map(fn (array $nodes) => $this->trip === null ? self::across($this->network, ...$nodes)->toFloat() : 0.0, $lampNodes);
    }

    private static function across(LampNetwork $network, int $one, int $other): BigRational
    {
        return $network->shareAt($one)->minus($network->shareAt($other));
    }

    /**
     * An RCD compares line with neutral: any lamp current into the supply's earth terminal opens it (the contract names
     * no threshold).
     *
     * @param  list<array{int, int}>  $lampNodes
     */
    private static function someCurrentReturnsByEarth(array $lampNodes, LampNetwork $network, int $earth): bool
    {
        foreach ($lampNodes as [$one, $other]) {
            if (($one === $earth || $other === $earth) && ! self::across($network, $one, $other)->isZero()) {
                return true;
            }
        }

        return false;
    }
}
