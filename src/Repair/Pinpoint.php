<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Result;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Puts a short or a lamp on the permanent line where the smallest repair puts it right: what is sleeved as what says nothing about
 * which end was landed wrong.
 */
final class Pinpoint
{
    private const FOUND_BY_REPAIR = [FindingCode::ShortLineNeutral, FindingCode::ShortLineEarth, FindingCode::AlwaysLit];

    public static function of(Result $result): Result
    {
        $asked = array_filter($result->findings, self::isFoundByRepair(...));
        $repairs = $asked === [] ? [] : RepairSearch::of($result)->repairs;
        if ($repairs === []) {
            return $result;
        }
        $findings = $result->findings;
        foreach (array_keys($asked) as $i) {
            $places = array_map(fn (Repair $remedy) => self::placeIn($result, $remedy->moves, $findings[$i]->code), $repairs);
            $boxes = array_unique(array_map(
                fn (array $at) => $at === [] ? '' : $result->evidence->wiring->points[$at[0]]->enclosure,
                $places,
            ));
            if (count($boxes) === 1 && $places[0] !== []) {
                $findings[$i] = $findings[$i]->at($places[0]);
            }
        }

        return new Result($result->verdict, array_values($findings), $result->evidence);
    }

    private static function isFoundByRepair(Finding $finding): bool
    {
        return in_array($finding->code, self::FOUND_BY_REPAIR, true) && ($finding->params['shape'] ?? 'on-line') === 'on-line';
    }

    /**
     * @param  list<Move>  $moves
     * @return list<string> the end that moves and what it stands with, in the one box whose moves take the finding away
     */
    private static function placeIn(Result $result, array $moves, FindingCode $code): array
    {
        $wiring = $result->evidence->wiring;
        $byBox = [];
        foreach ($moves as $move) {
            $byBox[$wiring->points[(string) $move->point]->enclosure ?? ''][] = $move;
        }
        foreach ($byBox as $own) {
            $made = Mover::tryToMake($wiring, $own);
            $isGone = $made !== null
                && array_filter(Checker::check($made)->findings, fn (Finding $finding) => $finding->code === $code) === [];
            $first = $own[0];
            if ($isGone && isset($wiring->points[(string) $first->point])) {
                return array_values(array_filter([
                    (string) $first->point,
                    (string) $first->from,
                ], fn (string $point) => isset($wiring->points[$point])));
            }
        }

        return [];
    }
}
