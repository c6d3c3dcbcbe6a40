<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Board\Control;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Scheme\SchemeName;

/** The chains that the switches of a control can make, whatever the cables: which end takes the line, in which order the others follow. */
final readonly class Chains
{
    public function __construct(private Board $board)
    {
    }

    /** Whether the parts of every control can make a chain at all: one switch, or two three-ways with four-ways between. */
    public function controlWithWrongParts(): ?int
    {
        foreach ($this->board->controls as $i => $control) {
            $functions = array_map(fn (string $switch) => $this->functionOf($switch), $control->switches);
            $ends = count(array_filter($functions, fn (?SwitchFunction $function) => $function === SwitchFunction::ThreeWay));
            $middles = count(array_filter($functions, fn (?SwitchFunction $function) => $function === SwitchFunction::FourWay));
            if (count($functions) > 1 && ($ends !== 2 || $ends + $middles !== count($functions))) {
                return $i;
            }
        }

        return null;
    }

    /**
     * The ways to wire the controls that a scheme leaves open: by common-link or not.
     *
     * @param  string  $scheme  the name of one, or `any`
     * @return non-empty-list<bool>
     */
    public function linkings(string $scheme): array
    {
        $hasSeveral = array_filter($this->board->controls, fn (Control $control) => count($control->switches) > 1) !== [];

        return match ($scheme) {
            SchemeName::CommonLink->value => [true],
            Requirements::ANY_SCHEME => $hasSeveral ? [false, true] : [false],
            default => [false],
        };
    }

    /**
     * The ends of a control in both directions; for one switch, that switch twice.
     *
     * @return list<array{string, string}>
     */
    public function endsOf(int $control): array
    {
        $switches = $this->board->controls[$control]->switches;
        if (count($switches) === 1) {
            return [[$switches[0], $switches[0]]];
        }
        [$one, $other] = array_values(array_filter(
            $switches,
            fn (string $switch) => $this->functionOf($switch) === SwitchFunction::ThreeWay,
        ));

        return [[$one, $other], [$other, $one]];
    }

    /** @return list<string> the four-ways of a control */
    public function middlesOf(int $control): array
    {
        $switches = $this->board->controls[$control]->switches;

        return count($switches) < 3
            ? []
            : array_values(array_filter($switches, fn (string $switch) => $this->functionOf($switch) === SwitchFunction::FourWay));
    }

    private function functionOf(string $switch): ?SwitchFunction
    {
        return $this->board->devices[$switch]->model->function;
    }
}
