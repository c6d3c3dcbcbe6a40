<?php

declare(strict_types=1);

namespace App\Paper;

use App\Wording\Words;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Plan\Plan;

/**
 * One box of a plan opened up, in ink: every conductor end at the left with its flag, what it carries and its tape, what holds
 * it in the middle, the screws and leads at the right.
 */
final class BoxSvg
{
    private const WIDTH = 88.0;

    private const HEAD = 8.0;

    private const ROW = 4.8;

    private const BETWEEN = 2.2;

    private const ENDS_X = 2.5;

    private const STROKE_X = 36.5;

    private const TAPE_X = 38.2;

    private const JOINT_X = 44.2;

    private const SCREW_X = 49.0;

    private const TEXT = 2.5;

    private Svg $svg;

    private Words $words;

    private function __construct(private readonly Plan $plan)
    {
        $this->svg = new Svg;
        $this->words = Words::of($plan->wiring);
    }

    public static function of(Plan $plan, Enclosure $box): Drawing
    {
        return (new self($plan))->drawn($box);
    }

    private function drawn(Enclosure $box): Drawing
    {
        $wiring = $this->plan->wiring;
        $joints = array_values(array_filter($wiring->joints, fn (Joint $joint) => $joint->enclosure === $box->id));
        $caps = array_values(array_filter($wiring->caps, fn (string $end) => $wiring->points[$end]->enclosure === $box->id));
        $height = self::HEAD + array_sum(array_map(
            fn (Joint $joint) => $this->heightOf($joint),
            $joints,
        )) + count($caps) * self::ROW + self::BETWEEN;
        $this->svg->rect(0.3, 0.3, self::WIDTH - 0.6, $height - 0.6, 0.5);
        $this->svg->text(self::ENDS_X, 5.2, $this->words->box($box->id), self::TEXT + 0.6, 'start', true);
        $y = self::HEAD;
        foreach ($joints as $joint) {
            $this->joint($joint, $y);
            $y += $this->heightOf($joint);
        }
        foreach ($caps as $end) {
            $this->cap($end, $y + self::ROW / 2);
            $y += self::ROW;
        }

        return $this->svg->drawing($this->words->box($box->id), self::WIDTH, $height, self::WIDTH, $height);
    }

    private function heightOf(Joint $joint): float
    {
        return max(count($this->endsOf($joint)), count($joint->points) - count($this->endsOf($joint))) * self::ROW + self::BETWEEN;
    }

    /** @return list<string> conductor ends, at the left */
    private function endsOf(Joint $joint): array
    {
        return array_values(array_filter($joint->points, fn (string $point) => $this->plan->wiring->points[$point]->core !== null));
    }

    private function joint(Joint $joint, float $top): void
    {
        $ends = $this->endsOf($joint);
        $others = array_values(array_diff($joint->points, $ends));
        $middle = $top + ($this->heightOf($joint) - self::BETWEEN) / 2;
        $rowsFrom = fn (int $count) => $middle - ($count - 1) * self::ROW / 2;
        foreach ($ends as $i => $end) {
            $y = $rowsFrom(count($ends)) + $i * self::ROW;
            $this->end($end, $y);
            $this->svg->line(self::TAPE_X + 1.5, $y, self::JOINT_X, $middle, 0.6);
        }
        foreach ($others as $i => $point) {
            $y = $rowsFrom(count($others)) + $i * self::ROW;
            $this->svg->line(self::JOINT_X, $middle, self::SCREW_X, $y, 0.6);
            $this->svg->circle(self::SCREW_X, $y, 1.3, 0.4);
            $this->svg->line(self::SCREW_X - 0.8, $y, self::SCREW_X + 0.8, $y, 0.3);
            $this->svg->text(self::SCREW_X + 2.0, $y + 0.9, $this->screw($point), self::TEXT);
        }
        if ($joint->by !== JoinedBy::Terminal) {
            $this->svg->path(
                'M'
                    .(self::JOINT_X - 1.8)
                    .' '
                    .($middle + 1.6)
                    .'L'
                    .(self::JOINT_X + 1.8)
                    .' '
                    .($middle + 1.6)
                    .'L'
                    .self::JOINT_X
                    .' '
                    .($middle - 2.0)
                    .'Z',
                0.4,
                Svg::INK,
                Svg::PAPER,
            );
            if ($others === []) {
                $this->svg->text(
                    self::SCREW_X - 1.3,
                    $middle + 0.9,
                    $this->words->say("plan.connector.{$joint->by->value}", ['ports' => (int) $joint->ports]),
                    self::TEXT,
                );
            }
        }
    }

    private function end(string $end, float $y): void
    {
        $mark = $this->plan->wiring->marks[$end] ?? null;
        $core = $this->plan->wiring->points[$end]->core;
        $role = $this->words->role($this->plan->result->evidence->roles->at($end)[0]->value);
        $flag = $core === null ? '' : "$core->cable {$core->colour->flag($this->plan->wiring->board->practice)}";
        $this->svg->text(self::ENDS_X, $y + 0.9, $flag, self::TEXT, 'start', true);
        $this->svg->text(self::ENDS_X + 14.5, $y + 0.9, $role, self::TEXT);
        $this->svg->line(self::STROKE_X, $y, self::TAPE_X + 1.5, $y, 0.6);
        if ($mark !== null) {
            $this->svg->rect(self::TAPE_X - 0.9, $y - 1.2, 1.8, 2.4, 0.2, Svg::INK);
        }
    }

    private function cap(string $end, float $y): void
    {
        $this->end($end, $y);
        $this->svg->line(self::TAPE_X + 1.5, $y, self::JOINT_X - 2.0, $y, 0.6);
        $this->svg->rect(self::JOINT_X - 2.0, $y - 1.1, 3.0, 2.2, 0.4);
        $this->svg->text(self::SCREW_X - 1.3, $y + 0.9, $this->words->say('materials-words.capped'), self::TEXT);
    }

    private function screw(string $point): string
    {
        $name = $this->words->terminalOf($point);
        $device = $this->words->deviceOf($point);

        return $device === null ? $this->words->shortPlace($point) : "$device $name";
    }
}
