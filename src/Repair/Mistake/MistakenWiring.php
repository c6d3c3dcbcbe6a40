<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;

/** A right wiring with one usual mistake in it, or with two. */
final readonly class MistakenWiring
{
    /** @param  non-empty-array<int, Mistake>  $mistakes  by their number in the list of mistakes */
    public function __construct(
        public Wiring $right,
        public array $mistakes,
    ) {
    }

    public function wiring(): Wiring
    {
        return self::madeOn($this->right, $this->mistakes);
    }

    /** The wiring as a trainee sees it: a conductor open along its run looks whole. */
    public function look(): Wiring
    {
        return self::madeOn($this->right, array_filter($this->mistakes, fn (Mistake $mistake) => ! $mistake->kind->isHidden()));
    }

    /** @return list<string> ends that look joined, though their conductor is open along its run */
    public function openEnds(): array
    {
        return array_merge(
            ...array_map(
                fn (Mistake $mistake) => $mistake->kind === MistakeKind::CoreOpen ? $mistake->at : [],
                array_values($this->mistakes),
            ),
            ...[[]],
        );
    }

    /** @param  array<int, Mistake>  $mistakes */
    private static function madeOn(Wiring $right, array $mistakes): Wiring
    {
        return array_reduce($mistakes, fn (Wiring $wiring, Mistake $mistake) => $mistake->madeOn($wiring), $right);
    }

    public function circuit(): Circuit
    {
        $faults = array_filter(array_map(fn (Mistake $mistake) => $mistake->fault, $this->mistakes));

        return PartFault::in(Circuit::of($this->wiring()), array_values($faults));
    }

    public function isPair(): bool
    {
        return count($this->mistakes) > 1;
    }
}
