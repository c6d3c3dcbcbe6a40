<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Check\Result;
use Zwindle\Plan\Plan;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;

/** How much of a trainee's work was done in a recognised order. */
final class OrderOfWork
{
    /**
     * The share of pairs of joints that were made in the order that the recognised one has them in; a joint is made with the last
     * step that touches it.
     *
     * @param  list<Step>  $steps  as they were made, undone ones among them
     */
    public static function share(Result $result, array $steps, StepOrder $order): float
    {
        $made = self::madeAt($result, $steps);
        $ranks = PlanSteps::ranks(new Plan($result->evidence->wiring, $result, [], 0), $order);
        [$right, $all] = [0, 0];
        foreach ($made as $i => $at) {
            foreach (array_slice($made, $i + 1, preserve_keys: true) as $k => $later) {
                $wanted = $ranks[$i] <=> $ranks[$k];
                if ($wanted !== 0 && $at >= 0 && $later >= 0 && $at !== $later) {
                    $all++;
                    $right += ($at <=> $later) === $wanted ? 1 : 0;
                }
            }
        }

        return $all === 0 ? 1.0 : $right / $all;
    }

    /**
     * @param  list<Step>  $steps
     * @return array<int, int> joint of the wiring → the last step that touched it; -1 for one that stood from the start
     */
    public static function madeAt(Result $result, array $steps): array
    {
        $wiring = $result->evidence->wiring;
        $places = PlaceMap::of($wiring);
        $madeAt = [];
        foreach ($steps as $i => $step) {
            foreach ([...$step->points, ...($step->on === null ? [] : [$step->on])] as $place) {
                $madeAt[$places->find($place) === null ? $place : $places->pointAt($place)] = $i;
            }
        }

        return array_map(fn ($joint) => max([
            -1,
            ...array_map(fn (string $point) => $madeAt[$point] ?? -1, $joint->points),
        ]), $wiring->joints);
    }
}
