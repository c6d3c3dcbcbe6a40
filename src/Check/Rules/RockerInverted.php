<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\ControlView;

/** A British two-way plate switch serves one lamp on COM and L2, so that it is on when up. */
final readonly class RockerInverted implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            $switch = $view->control->switches[0];
            $isOneWayUse = count($view->control->switches) === 1 && $view->model($switch)->function === SwitchFunction::ThreeWay;
            if (
                $isOneWayUse
                && $view->behaves
                && self::isOnWhenUp($evidence, $view, $switch)
            ) {
                $used = array_filter(
                    array_keys($view->contacts($switch)),
                    fn (string $contact) => $evidence->wiring->jointAt($contact) !== null,
                );
                yield new Finding(FindingCode::RockerInverted, array_values($used), ['device' => $switch], $i);
            }
        }
    }

    private static function isOnWhenUp(Evidence $evidence, ControlView $view, string $switch): bool
    {
        for ($state = 0; $state < $evidence->table->count(); $state++) {
            if ($evidence->table->positionsIn($state)[$switch] === 'up') {
                return $evidence->table->lampIn($view->control->lamps[0], $state)->isLit();
            }
        }

        return false;
    }
}
