<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

use Zwindle\Board\Board;
use Zwindle\Board\Control;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\EnclosureKind;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;

/**
 * The name of the way a control is wired, found from its nets; the more specific name first.
 *
 * Source: the ways of wiring are common practice of the trade in both regions.
 */
final readonly class SchemeFinder
{
    private Circuit $circuit;

    private Board $board;

    public function __construct(private Survey $survey)
    {
        $this->circuit = $survey->circuit;
        $this->board = $survey->circuit->wiring->board;
    }

    /** @return SchemeName|null null where the wiring has no known scheme, as one that does not work */
    public function schemeOf(ControlView $view): ?SchemeName
    {
        $control = $view->control;

        return match (true) {
            $this->choosesPolarity($control) => SchemeName::PolaritySwitching,
            ! $view->behaves || ! $this->isSwitchedInTheLine($view) => null,
            $this->tiesCommons($view) => SchemeName::CommonLink,
            $this->isFedAtTheLamp($view) => SchemeName::LightFed,
            count($control->switches) > 1 && $this->feedMeetsSwitchedLine($view) => SchemeName::DeadEnd,
            count($control->switches) > 1 => SchemeName::FeedThrough,
            default => SchemeName::Single,
        };
    }

    /**
     * Where white alone is re-identified, as in North America: by what the white cores of a control carry between its boxes; null
     * where none is on the line side.
     */
    public function variantOf(ControlView $view): ?SchemeVariant
    {
        $scheme = $this->schemeOf($view);
        if ($this->board->practice->sleevesAnyCore || ($scheme !== SchemeName::DeadEnd && $scheme !== SchemeName::LightFed)) {
            return null;
        }
        $nets = $this->netsOfWhites();

        return match (true) {
            array_intersect($view->switchedNets(), $nets) !== [] => SchemeVariant::ReturnOnWhite,
            in_array($this->circuit->lineNet, $nets, true) => SchemeVariant::LineOutOnWhite,
            default => null,
        };
    }

    /** @return list<int> of white and grey cores that are joined at both ends */
    private function netsOfWhites(): array
    {
        $nets = [];
        foreach ($this->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $joined = array_filter($core->ends(), fn (string $end) => $this->circuit->wiring->jointAt($end) !== null);
                if ($cable->type->colours?->isNeutrals($core->colour) === true && count($joined) === 2) {
                    $nets[] = $this->circuit->nets->at($core->ends()[0]);
                }
            }
        }

        return $nets;
    }

    /** Both sides of a lamp see the line in some state and the neutral in another. */
    private function choosesPolarity(Control $control): bool
    {
        foreach ($control->lamps as $lamp) {
            $facts = $this->survey->lamps[$lamp];
            if (! in_array(false, [...$facts->onLine, ...$facts->onNeutral], true)) {
                return true;
            }
        }

        return false;
    }

    private function isSwitchedInTheLine(ControlView $view): bool
    {
        return $view->switchesOn($this->circuit->lineNet) !== [] && $view->switchedNets() !== [];
    }

    private function tiesCommons(ControlView $view): bool
    {
        $ends = $view->switchesOf(SwitchFunction::ThreeWay);
        $commons = [];
        foreach ($ends as $switch) {
            $commons = [...$commons, ...array_values($view->contacts($switch, TerminalDuty::Common))];
        }

        return count($commons) === 2 && $commons[0] === $commons[1];
    }

    /** On its way from the supply the feed comes to a lamp of the control, or its rose, before it comes to a switch of it. */
    private function isFedAtTheLamp(ControlView $view): bool
    {
        $lampBoxes = $this->lampEnclosures($view);
        $switchBoxes = array_map(fn (string $switch) => $this->board->devices[$switch]->enclosure, $view->control->switches);
        foreach ($this->feedRoutes($view) as $route) {
            foreach ($route as $enclosure) {
                if (in_array($enclosure, $lampBoxes, true)) {
                    return true;
                }
                if (in_array($enclosure, $switchBoxes, true)) {
                    break;
                }
            }
        }

        return false;
    }

    private function feedMeetsSwitchedLine(ControlView $view): bool
    {
        $ends = [...$view->switchesOn($this->circuit->lineNet)];
        $switchedLine = [];
        foreach ($view->switchedNets() as $net) {
            foreach ($view->switchesOn($net) as $switch) {
                $ends[] = $switch;
                foreach ($view->control->lamps as $lamp) {
                    $route = NetRoute::between($this->circuit, $net, $this->boxOf($switch), $this->boxOf($lamp));
                    $switchedLine = [...$switchedLine, ...$route];
                }
            }
        }
        $endBoxes = array_map($this->boxOf(...), $ends);
        foreach ($this->feedRoutes($view) as $route) {
            if (array_intersect($route, $switchedLine, $endBoxes) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<list<string>> from the supply to each switch on the line, enclosure by enclosure */
    private function feedRoutes(ControlView $view): array
    {
        $supply = $this->board->supply()->enclosure;

        return array_map(
            fn (string $switch) => NetRoute::between($this->circuit, $this->circuit->lineNet, $supply, $this->boxOf($switch)),
            $view->switchesOn($this->circuit->lineNet),
        );
    }

    /** @return list<string> */
    private function lampEnclosures(ControlView $view): array
    {
        $boxes = array_map($this->boxOf(...), $view->control->lamps);
        foreach ($this->board->devicesOf(DeviceKind::Rose) as $rose) {
            $isItsRose = in_array($this->circuit->nets->at(DevicePoint::id($rose->id, 'switched')), $view->switchedNets(), true);
            if ($isItsRose && $this->board->enclosures[$rose->enclosure]->kind === EnclosureKind::CeilingRose) {
                $boxes[] = $rose->enclosure;
            }
        }

        return $boxes;
    }

    private function boxOf(string $device): string
    {
        return $this->board->devices[$device]->enclosure;
    }
}
