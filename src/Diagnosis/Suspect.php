<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Diagnosis\Telling\Tables;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\MistakenWiring;

/**
 * A right wiring with usual mistakes in it, as hands, eyes and instruments would find it.
 *
 * A loose screw looks as if it held: eyes find the conductor under it, or beside it. Both are what a loose screw can look like.
 */
final class Suspect
{
    private ?Circuit $circuit = null;

    private ?Survey $survey = null;

    private ?Wiring $look = null;

    private ?TruthTable $table = null;

    /**
     * @param  array<int, Mistake>  $mistakes  none: the board is right
     * @param  Tables  $tables  shared by suspects that are looked at together
     */
    public function __construct(
        public readonly Wiring $right,
        public readonly array $mistakes,
        private readonly Tables $tables = new Tables,
    ) {
    }

    public function table(): TruthTable
    {
        return $this->table ??= $this->tables->of($this->circuit());
    }

    public function circuit(): Circuit
    {
        return $this->circuit ??= $this->mistakes === []
            ? Circuit::of($this->right)
            : (new MistakenWiring($this->right, $this->mistakes))->circuit();
    }

    public function survey(): Survey
    {
        return $this->survey ??= new Survey($this->circuit());
    }

    /** What eyes see: hidden faults do not show, and a loose screw holds its conductor still. */
    public function look(): Wiring
    {
        return $this->look ??= $this->made(fn (Mistake $mistake) => ! $mistake->kind->isHidden() && ! self::isLoose($mistake));
    }

    /** @return list<string> of a point and what is joined to it, what the eye finds taped or sleeved */
    public function tapedAt(string $point): array
    {
        $look = $this->look();
        $there = $look->jointAt($point)->points ?? [$point];

        return array_values(array_filter($there, fn (string $end) => isset($look->marks[$end])));
    }

    /** The same with every loose screw fallen off. */
    public function lookFallenOff(): Wiring
    {
        return $this->made(fn (Mistake $mistake) => ! $mistake->kind->isHidden());
    }

    public function isLooseSomewhere(): bool
    {
        return array_filter($this->mistakes, self::isLoose(...)) !== [];
    }

    /** Whether something of it is put right at the supply alone. */
    public function isOfSupply(): bool
    {
        return array_filter($this->mistakes, fn (Mistake $mistake) => $mistake->kind->isOfSupply()) !== [];
    }

    /** The same with every loose screw making contact: what a lamp that flickers falls back to. */
    public function withContact(): self
    {
        return new self($this->right, array_filter($this->mistakes, fn (Mistake $mistake) => ! self::isLoose($mistake)), $this->tables);
    }

    /**
     * Whether a point is live to earth in some position; null for what is not there to be probed.
     *
     * An end that is open along its run is joined all the same: the tester reads what it is joined with.
     */
    public function isLive(string $point): ?bool
    {
        if (! isset($this->circuit()->wiring->points[$point])) {
            return null;
        }
        $open = array_merge(...array_map(
            fn (Mistake $mistake) => $mistake->kind === MistakeKind::CoreOpen ? $mistake->at : [],
            array_values($this->mistakes),
        ), ...[[]]);
        $joint = in_array($point, $open, true) ? $this->look()->jointAt($point) : null;
        $others = $joint === null ? [$point] : array_values(array_diff($joint->points, [$point]));

        return $this->survey()->nets[$this->circuit()->nets->at($others[0] ?? $point)]->live;
    }

    /** Whether a part by itself does what the board's part does. */
    public function isGood(string $device): bool
    {
        foreach ($this->mistakes as $mistake) {
            // A lamp whose holder is off by its own chain is good.
            if ($mistake->fault?->device === $device && $mistake->kind !== MistakeKind::PullChainOff) {
                return false;
            }
        }

        return ! isset($this->look()->fitted[$device]) || isset($this->right->fitted[$device]);
    }

    /** @return list<int> bits of the switches that may hang the other way round: each three-way and four-way as it is fitted */
    public function reversible(): array
    {
        $circuit = $this->circuit();
        $bits = [];
        foreach ($circuit->switches as $place => $switch) {
            $function = $circuit->wiring->modelOf($circuit->wiring->board->devices[$switch])->function;
            if (in_array($function, [SwitchFunction::ThreeWay, SwitchFunction::FourWay], true)) {
                $bits[] = $circuit->bitOf($place);
            }
        }

        return $bits;
    }

    public static function isLoose(Mistake $mistake): bool
    {
        return $mistake->kind === MistakeKind::LooseTerminal;
    }

    /** @param  callable(Mistake): bool  $which */
    private function made(callable $which): Wiring
    {
        return array_reduce(
            array_filter($this->mistakes, $which),
            fn (Wiring $wiring, Mistake $mistake) => $mistake->madeOn($wiring),
            $this->right,
        );
    }
}
