<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\Board;
use Zwindle\Board\Core;
use Zwindle\Board\Device;
use Zwindle\Board\Point;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Circuit\Scheme\ControlView;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Circuit\Scheme\Roles;
use Zwindle\Circuit\Scheme\SchemeFinder;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Circuit\Scheme\SchemeVariant;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;

/** Everything that a rule may look at: what is joined, what happened in every state, what each core carries. */
final readonly class Evidence
{
    public Board $board;

    public CodeEdition $edition;

    public Circuit $circuit;

    public Nets $nets;

    public Survey $survey;

    public TruthTable $table;

    public Roles $roles;

    /** @var list<ControlView> in the board's order */
    public array $controls;

    /** @var list<SchemeName|null> of every control */
    public array $schemes;

    /** @var list<SchemeVariant|null> of every control */
    public array $variants;

    /**
     * @param  CodeEdition|null  $edition  to judge by; the board's own if null
     * @param  Circuit|null  $circuit  of this wiring, where it was made before
     */
    public function __construct(public Wiring $wiring, ?CodeEdition $edition = null, ?Circuit $circuit = null)
    {
        $this->board = $wiring->board;
        $this->edition = $edition ?? $wiring->board->edition;
        $this->circuit = $circuit ?? Circuit::of($wiring);
        $this->nets = $this->circuit->nets;
        $this->survey = new Survey($this->circuit);
        $this->table = $this->survey->truthTable;
        $this->roles = Roles::of($this->survey);
        $this->controls = array_map(fn ($control) => new ControlView($control, $this->survey), $wiring->board->controls);
        $finder = new SchemeFinder($this->survey);
        $this->schemes = array_map($finder->schemeOf(...), $this->controls);
        $this->variants = array_map($finder->variantOf(...), $this->controls);
    }

    public function point(string $id): Point
    {
        return $this->wiring->points[$id];
    }

    /** @return list<Core> */
    public function cores(): array
    {
        $cores = [];
        foreach ($this->board->cables as $cable) {
            $cores = [...$cores, ...array_values($cable->cores)];
        }

        return $cores;
    }

    /** A white or grey single, which 200.7(C) lets nobody re-identify (North America). */
    public function isWhiteSingle(Core $core): bool
    {
        $type = $this->board->cables[$core->cable]->type;

        return $type->isSingle && ! $this->board->practice->sleevesAnyCore && $type->colours?->isNeutrals($core->colour) === true;
    }

    /** A white core of a cable that brings the switched line back from the switch (North America); a spare one returns nothing. */
    public function isWhiteReturn(Core $core): bool
    {
        $type = $this->board->cables[$core->cable]->type;

        return ! $this->board->practice->sleevesAnyCore
            && ! $type->isSingle
            && $type->colours?->isNeutrals($core->colour) === true
            && $this->roles->at($core->ends()[0]) === [Role::SwitchedLine]
            && array_filter($core->ends(), fn (string $end) => $this->wiring->jointAt($end) === null) === [];
    }

    /**
     * Leads and flex conductors marked for the neutral that are on the line side.
     *
     * @return list<array{Device, Terminal}> lamp and terminal
     */
    public function reversedAtLamps(): array
    {
        $reversed = [];
        foreach ($this->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            foreach ($this->wiring->modelOf($lamp)->lampSides() as $side => $terminal) {
                if ($terminal->isForNeutral && $this->survey->lamps[$lamp->id]->onLineSide[$side]) {
                    $reversed[] = [$lamp, $terminal];
                }
            }
        }

        return $reversed;
    }

    /** Whether every light does what its switches ask, nothing trips, and what is to stay live does. */
    public function allWorks(): bool
    {
        return ! $this->table->everTrips()
            && array_filter($this->controls, fn (ControlView $view) => ! $view->behaves) === []
            && AlwaysOn::lacking($this) === []
            && AlwaysOn::lackingBeyond($this) === [];
    }

    public function netOfCore(Core $core): int
    {
        return $this->nets->at($core->ends()[0]);
    }

    /** Whether a net stands on more than one terminal of the supply, so that its cores have no role of their own. */
    public function isMixed(int $net): bool
    {
        return count($this->roles->ofNet($net)) > 1;
    }

    /** Whether a terminal that is there for current stands on a net. */
    public function hasCurrentTerminal(int $net): bool
    {
        foreach ($this->nets->points[$net] as $id) {
            $point = $this->point($id);
            if ($point->terminal !== null && ! $point->isEarthing()) {
                return true;
            }
        }

        return false;
    }

    /** Whether the board has no protective conductors on purpose, and this is a place for one. */
    public function isSparedEarth(Point $point): bool
    {
        return ! $this->board->requirements->earths && ($point->isEarthing() || ($point->core?->colour->isEarths() ?? false));
    }
}
