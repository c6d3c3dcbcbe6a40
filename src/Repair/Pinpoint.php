<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\DevicePoint;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Result;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Puts a finding where the smallest repair puts it right: what is sleeved as what says nothing about which end a short or a lamp on
 * the permanent line was landed wrong at, and where commons are tied to each other an exchange shows at other terminals too.
 */
final class Pinpoint
{
    private const FOUND_BY_REPAIR = [FindingCode::ShortLineNeutral, FindingCode::ShortLineEarth, FindingCode::AlwaysLit];

    public static function of(Result $result): Result
    {
        return self::exchange(self::byRepair($result));
    }

    /** One common and traveller exchanged is reported once, at the terminals that the repair exchanges. */
    private static function exchange(Result $result): Result
    {
        $crossed = array_keys(array_filter(
            $result->findings,
            fn (Finding $finding) => $finding->code === FindingCode::CommonOnTraveller && $finding->causedBy === null,
        ));
        $undoes = $crossed === [] ? [] : RepairSearch::of($result)->repairs[0]->undoes ?? [];
        if (count($undoes) !== 1 || $undoes[0]->kind !== MistakeKind::CommonExchanged) {
            return $result;
        }
        $findings = $result->findings;
        $told = $findings[$crossed[0]];
        $isThere = array_diff($undoes[0]->at, $told->at) === [];
        $findings[$crossed[0]] = $isThere ? $told : $told->at($undoes[0]->at)->with(
            ['device' => DevicePoint::deviceOf($undoes[0]->at[0]), 'shape' => 'link'],
        );
        foreach ($findings as $i => $finding) {
            $isOther = in_array($i, array_slice($crossed, 1), true);
            if ($isOther || in_array($finding->causedBy, array_slice($crossed, 1), true)) {
                $findings[$i] = $finding->causedBy($crossed[0]);
            }
        }

        return new Result($result->verdict, array_values($findings), $result->evidence);
    }

    private static function byRepair(Result $result): Result
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
