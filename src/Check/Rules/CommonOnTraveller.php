<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\SwitchFunction;
use Zwindle\Catalogue\TerminalDuty;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Scheme\ControlView;

/** Outside a common-link, the common of an end switch holds a traveller, or a traveller terminal holds line or switched line. */
final readonly class CommonOnTraveller implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return 'common practice';
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            if (count($view->control->switches) < 2 || $view->behaves) {
                continue;
            }
            foreach ($view->switchesOf(SwitchFunction::ThreeWay) as $switch) {
                if (! $view->hasLinkThrows($switch)) {
                    yield from self::findingsAt($view, $switch, $i);
                }
            }
        }
    }

    /** @return iterable<Finding> */
    private static function findingsAt(ControlView $view, string $switch, int $control): iterable
    {
        $commons = $view->contacts($switch, TerminalDuty::Common);
        $feeds = [$view->lineNet(), ...$view->switchedNets()];
        $fed = array_keys(array_filter($view->contacts($switch, TerminalDuty::Throw), fn (int $net) => in_array($net, $feeds, true)));
        $onTraveller = array_keys(array_filter($commons, fn (int $net) => $view->isTraveller($net, $switch)));
        if ($fed === [] && $onTraveller === []) {
            return;
        }
        $shape = match (true) {
            $fed === [] => 'common',
            $onTraveller === [] => 'throw',
            default => 'exchanged',
        };
        yield new Finding(FindingCode::CommonOnTraveller, [...array_keys($commons), ...$fed], ['device' => $switch, 'shape' => $shape], $control);
    }
}
