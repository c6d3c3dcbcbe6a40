<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;

/** Whether a receptacle has hot and neutral exchanged: by conductors and closed contacts alone, whether or not it trips. */
final class ReversedOutlet
{
    /** @return array{}|array{string, string} its hot and its neutral terminal, where in some state they are exchanged */
    public static function at(Evidence $evidence, Device $receptacle): array
    {
        $model = $evidence->wiring->modelOf($receptacle);
        [$hot, $neutral] = array_map(
            fn (array $terminals) => array_map(fn (Terminal $terminal) => DevicePoint::id($receptacle->id, $terminal->name), $terminals)[0],
            [$model->withDuty(TerminalDuty::Hot), $model->withDuty(TerminalDuty::Neutral)],
        );

        return self::areExchanged($evidence, $evidence->nets->at($hot), $evidence->nets->at($neutral)) ? [$hot, $neutral] : [];
    }

    private static function areExchanged(Evidence $evidence, int $hot, int $neutral): bool
    {
        $circuit = $evidence->circuit;
        $moving = [$circuit->neutralNet, $circuit->lineNet, ...$circuit->netsAtContacts()];
        if ($hot === $circuit->lineNet || $neutral === $circuit->neutralNet || array_diff([$hot, $neutral], $moving) !== []) {
            return false;
        }
        for ($state = 0, $count = $circuit->stateCount(); $state < $count; $state++) {
            $nodes = $circuit->nodesIn($state);
            [$line, $return] = [$nodes[$circuit->lineNet], $nodes[$circuit->neutralNet]];
            if ($line !== $return && $nodes[$hot] === $return && $nodes[$neutral] === $line) {
                return true;
            }
        }

        return false;
    }
}
