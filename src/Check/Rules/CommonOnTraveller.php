<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\ControlView;

/** Outside a common-link, the common of an end switch holds a traveller, or a traveller terminal holds line or switched line. */
final readonly class CommonOnTraveller implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            if (count($view->control->switches) < 2 || $view->behaves || $view->hasLinkedCommons()) {
                continue;
            }
            $told = [];
            foreach ($view->switchesOf(SwitchFunction::ThreeWay) as $switch) {
                $finding = $view->hasLinkThrows($switch) ? null : self::findingAt($view, $switch, $i);
                // A traveller joined to what feeds it shows at both of its switches; it is reported at one.
                $nets = $finding === null ? [] : array_map($evidence->nets->at(...), array_slice($finding->at, 1));
                if ($finding !== null && ($finding->params['shape'] !== 'throw' || array_diff($nets, $told) !== [])) {
                    $told = [...$told, ...$nets];
                    yield $finding;
                }
            }
        }
    }

    private static function findingAt(ControlView $view, string $switch, int $control): ?Finding
    {
        $commons = $view->contacts($switch, TerminalDuty::Common);
        $tied = self::throwOnOtherCommon($view, $switch);
        if ($tied !== []) {
            return new Finding(
                FindingCode::CommonOnTraveller,
                [...array_keys($commons), ...$tied],
                ['device' => $switch, 'shape' => 'link'],
                $control,
            );
        }
        $feeds = [$view->lineNet(), ...$view->switchedNets()];
        $fed = array_keys(array_filter($view->contacts($switch, TerminalDuty::Throw), fn (int $net) => in_array($net, $feeds, true)));
        $onTraveller = array_keys(array_filter($commons, fn (int $net) => $view->isTraveller($net, $switch)));
        if ($fed === [] && $onTraveller === []) {
            return null;
        }
        $shape = match (true) {
            $fed === [] => 'common',
            $onTraveller === [] => 'throw',
            default => 'exchanged',
        };

        return new Finding(
            FindingCode::CommonOnTraveller,
            [...array_keys($commons), ...$fed],
            ['device' => $switch, 'shape' => $shape],
            $control,
        );
    }

    /**
     * Where the other end has line and switched line on its throws, as in a common-link: the throw here that is tied to its common
     * is the one exchanged with the common.
     *
     * @return list<string>
     */
    private static function throwOnOtherCommon(ControlView $view, string $switch): array
    {
        foreach (array_diff($view->switchesOf(SwitchFunction::ThreeWay), [$switch]) as $other) {
            $commons = $view->contacts($other, TerminalDuty::Common);
            $isOnIt = fn (int $net) => in_array($net, $commons, true);
            if ($view->hasLinkThrows($other) && array_filter($view->contacts($switch, TerminalDuty::Common), $isOnIt) === []) {
                return array_keys(array_filter($view->contacts($switch, TerminalDuty::Throw), $isOnIt));
            }
        }

        return [];
    }
}
