<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Evidence\ExpectedLamp;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Result;
use Zwindle\Circuit\Solve\TruthTable;

/**
 * The mark of a wiring by a scheme.
 *
 * Behaviour is the share of states in which every lamp does what it should, over what chance gives: a lamp that never lights is
 * right in half of them and earns nothing. What is earned for doing nothing wrong (safety, rules, order of work) is earned on the
 * ends that are placed: a bare board breaks no rule.
 */
final readonly class Grader
{
    private GradingScheme $scheme;

    /**
     * @param  int|null  $mistakes  between it and the nearest right wiring; null if none was found. Asked for by schemes that mark so
     * @param  array<string, bool>  $observed  id of an observation → what the eye said; what is missing is still open
     * @param  float|null  $inOrder  share of the work that was done in the order asked for; null where it is not judged
     * @param  float|null  $minutes  that it took; null if it was not timed
     * @param  int  $stood  ends and leads that were joined or capped when it was begun: others' work earns nothing
     */
    public function __construct(
        GradingScheme $scheme,
        private ?int $mistakes = null,
        private array $observed = [],
        private ?float $inOrder = null,
        private ?float $minutes = null,
        private int $stood = 0,
    ) {
        $this->scheme = $inOrder === null ? $scheme->withoutOrder() : $scheme;
    }

    public function ofWiring(Result $judged): Grade
    {
        $placed = $this->share($judged->evidence->wiring);
        $lines = [$this->behaviour($judged), $this->safety($judged, $placed)];
        foreach ($this->scheme->rules as $code => $points) {
            $found = array_values(array_filter($judged->findings, fn (Finding $finding) => $finding->code->value === $code));
            $lines[] = new GradeLine(
                GradePart::Rule,
                $found === [] ? self::half($points * $placed) : 0.0,
                $points,
                $code,
                $found,
                self::percent($placed),
            );
        }
        if ($this->scheme->order > 0) {
            $share = ($this->inOrder ?? 1.0) * $placed;
            $lines[] = new GradeLine(
                GradePart::Order,
                self::half($this->scheme->order * $share),
                $this->scheme->order,
                params: self::percent($share),
            );
        }

        return $this->grade([...$lines, ...$this->time(), ...$this->workmanship()], $this->critical($judged));
    }

    /** @param  int  $right  answers of so many asked */
    public function ofAnswers(int $right, int $asked): Grade
    {
        $line = new GradeLine(
            GradePart::Answers,
            self::half($this->scheme->answers * $right / max(1, $asked)),
            $this->scheme->answers,
            params: ['right' => $right, 'asked' => $asked],
        );

        return $this->grade([$line, ...$this->time(), ...$this->workmanship()], []);
    }

    /**
     * The points for answers, shared by what finding a fault is made of.
     *
     * @param  float  $diagnosis  each a share, 0 to 1
     * @param  bool  $wereHandsInUnproved  whether hands went into a board that was not proved dead
     */
    public function ofFinding(float $diagnosis, float $method, float $measuring, float $proof, bool $wereHandsInUnproved): Grade
    {
        $lines = [];
        $left = $this->scheme->answers;
        foreach ([
            [GradePart::Method, $method, 20],
            [GradePart::Measuring, $measuring, 20],
            [GradePart::Proof, $proof, 10],
            [GradePart::Diagnosis, $diagnosis, null],
        ] as [$part, $share, $percent]) {
            $of = $percent === null ? $left : intdiv($this->scheme->answers * $percent, 100);
            $left -= $of;
            $lines[] = new GradeLine($part, self::half($of * $share), $of, params: self::percent($share));
        }

        return $this->grade(
            [$lines[3], ...array_slice($lines, 0, 3), ...$this->time(), ...$this->workmanship()],
            [],
            $wereHandsInUnproved && $this->scheme->deadBeforeHands,
        );
    }

    /**
     * @param  list<GradeLine>  $lines
     * @param  list<Finding>  $critical
     */
    private function grade(array $lines, array $critical, bool $isUnsafe = false): Grade
    {
        return new Grade(
            array_values(array_filter($lines, fn (GradeLine $line) => $line->of > 0)),
            $this->scheme->total,
            $this->scheme->passMark,
            $critical,
            $isUnsafe,
        );
    }

    private function behaviour(Result $judged): GradeLine
    {
        $faults = $judged->withSeverity(Severity::Fault);
        if ($this->scheme->perMistake !== null) {
            $got = $this->mistakes === null
                ? 0.0
                : max(0.0, (float) ($this->scheme->behaviour - $this->mistakes * $this->scheme->perMistake));

            return new GradeLine(
                GradePart::Distance,
                $got,
                $this->scheme->behaviour,
                findings: $faults,
                params: ['mistakes' => $this->mistakes ?? '?', 'each' => $this->scheme->perMistake],
            );
        }
        [$right, $all] = self::statesRight($judged);
        $share = $all === 0 ? 0.0 : max(0.0, 2 * $right / $all - 1);

        return new GradeLine(
            GradePart::Behaviour,
            self::half($this->scheme->behaviour * $share),
            $this->scheme->behaviour,
            findings: $faults,
            params: ['right' => $right, 'states' => $all],
        );
    }

    /** @return array{int, int} states in which every controlled lamp does what it should and nothing trips, and all states */
    private static function statesRight(Result $judged): array
    {
        $evidence = $judged->evidence;
        $right = str_repeat('1', $evidence->table->count());
        foreach ($evidence->board->controls as $control) {
            foreach ($control->lamps as $lamp) {
                $expected = ExpectedLamp::letters($evidence->table, $lamp, $control->switches);
                foreach (str_split($evidence->table->lamps[$lamp]) as $state => $letter) {
                    if ($letter !== $expected[$state] || $evidence->table->trips[$state] !== TruthTable::NO_TRIP) {
                        $right[$state] = '0';
                    }
                }
            }
        }

        return [substr_count($right, '1'), strlen($right)];
    }

    private function safety(Result $judged, float $placed): GradeLine
    {
        $dangers = $judged->withSeverity(Severity::Danger);

        return new GradeLine(
            GradePart::Safety,
            $dangers === [] ? self::half($this->scheme->safety * $placed) : 0.0,
            $this->scheme->safety,
            findings: $dangers,
            params: self::percent($placed),
        );
    }

    /** @return list<GradeLine> */
    private function time(): array
    {
        if ($this->scheme->time === 0) {
            return [];
        }
        $isIn = $this->minutes !== null && $this->minutes <= ($this->scheme->withinMinutes ?? 0);

        return [new GradeLine(
            GradePart::Time,
            $isIn ? (float) $this->scheme->time : 0.0,
            $this->scheme->time,
            params: [
                'minutes' => $this->minutes === null ? '?' : (string) round($this->minutes, 1),
                'within' => $this->scheme->withinMinutes ?? 0,
            ],
        )];
    }

    /** @return list<GradeLine> */
    private function workmanship(): array
    {
        return array_map(function (Observation $observation): GradeLine {
            $seen = $this->observed[$observation->id] ?? null;

            return new GradeLine(
                GradePart::Workmanship,
                $seen === null ? null : ($seen ? (float) $observation->points : 0.0),
                $observation->points,
                $observation->id,
                params: ['text' => $observation->text],
            );
        }, $this->scheme->workmanship);
    }

    /** @return list<Finding> */
    private function critical(Result $judged): array
    {
        $isCritical = fn (Finding $finding) => in_array($finding->severity()->value, $this->scheme->critical, true)
            || in_array($finding->code->value, $this->scheme->critical, true);

        return array_values(array_filter($judged->findings, $isCritical));
    }

    /** The share of the conductor ends and leads to be placed that are joined or capped. */
    private function share(Wiring $wiring): float
    {
        $toPlace = count($wiring->ends()) - $this->stood;

        return $toPlace <= 0 ? 1.0 : max(0.0, ($wiring->placed() - $this->stood) / $toPlace);
    }

    /** @return array{percent: int} */
    private static function percent(float $share): array
    {
        return ['percent' => (int) round(100 * $share)];
    }

    /** To half a point, downwards. */
    private static function half(float $points): float
    {
        return floor(2 * $points + 1e-9) / 2;
    }
}
