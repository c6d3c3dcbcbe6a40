<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\ControlView;

/**
 * A part that cannot do what its place asks, in a control that does not work: by the board where another was fitted,
 * by the number of switches else.
 */
final readonly class WrongDevice implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->behaves ? [] : $view->control->switches as $switch) {
                $place = self::placeOf($evidence, $view, $switch);
                $function = $view->model($switch)->function;
                if ($function !== null && ! $function->canServeAs($place)) {
                    yield new Finding(FindingCode::WrongDevice, [$switch], [
                        'device' => $switch,
                        'is' => $function->value,
                        'needs' => $place->value,
                    ], $i);
                }
            }
        }
    }

    /** n positions take two three-ways and n − 2 four-ways between them (common practice). */
    private static function placeOf(Evidence $evidence, ControlView $view, string $switch): SwitchFunction
    {
        $asked = $evidence->board->devices[$switch]->model->function;
        if (count($view->control->switches) === 1 || $asked === null) {
            return SwitchFunction::OnePole;
        }
        if (count($view->control->switches) === 2) {
            return SwitchFunction::ThreeWay;
        }
        if ($asked === SwitchFunction::FourWay || $asked === SwitchFunction::ThreeWay) {
            return $asked;
        }
        $threeWays = count($view->switchesOf(SwitchFunction::ThreeWay));

        return $threeWays >= 2 ? SwitchFunction::FourWay : SwitchFunction::ThreeWay;
    }
}
