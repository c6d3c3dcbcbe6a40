<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Console\Pages\CheckPage;
use App\Shapes\Bench\CheckShape;
use App\Shapes\Bench\VerdictShape;
use App\Shapes\Classes\DebriefShape;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\Grader;
use Zwindle\Exam\Grading\MistakeDistance;
use Zwindle\Exam\Grading\WhatIf;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\NoRepair;
use Zwindle\Repair\RepairSearch;

/** Asks of one wiring everything that the commands and pages ask, and lists what is wrong with the answers. */
final class EveryAnswer
{
    /** @return list<string> complaints; empty where every answer came and holds */
    public static function of(Wiring $wiring, bool $canBeWired = true): array
    {
        $result = Checker::check($wiring);
        CheckShape::of(Advice::of($result));
        (new CheckPage(Advice::of($result)))->print(new OutputStyle(new ArrayInput([]), new BufferedOutput));
        json_encode((new VerdictShape($result, Advice::of($result), NearestPlan::of($result)))->json(), JSON_THROW_ON_ERROR);
        (new DebriefShape(Advice::of($result)))->questions(WhatIf::onOwnOrRight($result->evidence->wiring, 'seed'));
        (new DebriefShape(Advice::of($result)))->mistakes();
        $scheme = GradingSchemeReader::read(Files::text('database/markings/wiring.marking.json'), new Problems);
        $mark = $scheme === null ? null : (new Grader($scheme, MistakeDistance::of($result)))->ofWiring($result);

        return [
            ...self::repairs($result, $canBeWired),
            ...self::nearest($wiring, $canBeWired),
            ...($mark === null || $mark->got() > $mark->total ? ['no mark'] : []),
        ];
    }

    /** @return list<string> */
    private static function repairs(Result $result, bool $canBeWired): array
    {
        $smallest = RepairSearch::of($result);
        $complaints = [];
        if ($result->verdict !== Verdict::Fail) {
            return [];
        }
        if ($smallest->repairs === []) {
            $complaints[] = 'no repair: '.($smallest->reason->value ?? '?');
        }
        if ($canBeWired && $smallest->reason === NoRepair::NoTarget) {
            $complaints[] = 'said that a board cannot be wired that can';
        }
        foreach ($smallest->repairs as $i => $remedy) {
            $complaints = [
                ...$complaints,
                ...array_map(fn (string $what) => "repair $i: $what", self::made($result->evidence->wiring, $remedy->moves)),
            ];
            if (Checker::check(Mover::make($result->evidence->wiring, $remedy->moves))->verdict === Verdict::Fail) {
                $complaints[] = "repair $i does not mend";
            }
        }

        return $complaints;
    }

    /** @return list<string> */
    private static function nearest(Wiring $wiring, bool $canBeWired): array
    {
        $nearest = NearestPlan::to($wiring);
        if ($nearest === null) {
            return $canBeWired ? ['no nearest plan'] : [];
        }
        $start = $wiring;
        $complaints = array_map(fn (string $what) => "nearest plan: $what", self::made($start, $nearest->moves));
        $there = Mover::make($start, $nearest->moves);
        $isSame = self::joints($there) === self::joints($nearest->plan->wiring);

        return [
            ...$complaints,
            ...($isSame ? [] : ['the moves do not lead to the nearest plan']),
            ...(Planner::isAcceptable($nearest->plan->result) ? [] : ['the nearest plan has remarks']),
        ];
    }

    /**
     * @param  list<Move>  $moves
     * @return list<string> moves whose `from` is not where the end stands when its turn comes
     */
    private static function made(Wiring $wiring, array $moves): array
    {
        $complaints = [];
        foreach ($moves as $i => $move) {
            if ($move->from !== null) {
                $point = (string) $move->point;
                $joint = $wiring->jointAt($point);
                $isTrue = match (true) {
                    $joint !== null => $joint->has($move->from) && $move->from !== $point,
                    $wiring->isLoose($point) && ! $wiring->points[$point]->isFixed() => $move->from === Move::LOOSE,
                    default => $move->from === Move::CAP,
                };
                $isTrue || $complaints[] = "move $i says that $point stands at $move->from";
            }
            $wiring = Mover::make($wiring, [$move]);
        }

        return $complaints;
    }

    /** @return list<string> joints but for earths where none are asked for */
    private static function joints(Wiring $wiring): array
    {
        $joints = array_map(function ($joint): string {
            $points = $joint->points;
            sort($points);

            return implode(' ', $points);
        }, array_filter($wiring->joints, fn ($joint) => $wiring->board->requirements->earths || ! str_contains(implode(' ', $joint->points), '.bare') && ! str_contains(implode(' ', $joint->points), '.earth')));
        sort($joints);

        return $joints;
    }
}
