<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

use Zwindle\Board\Board;
use Zwindle\Board\End;
use Zwindle\Board\Point;
use Zwindle\Catalogue\Practices\Practice;

/**
 * What was written down of a standing board before anything came off: for every conductor end, lead and terminal the place
 * where it lands.
 *
 * A place is a terminal of the same box, a connector of that box by its letter, `cap`, or nothing: loose. Points that are
 * written down as one place are one joint, whatever was written first. Points that the board no longer has are kept: their
 * reader reports what came off with them.
 */
final readonly class AsFound
{
    public const CAP = 'cap';

    private const CONNECTOR = '/^[A-Z]$/';

    /**
     * @param  array<string, string>  $lands  point → place
     * @param  array<string, string>  $marks  conductor end → what its tape or sleeve says
     */
    public function __construct(
        public array $lands = [],
        public array $marks = [],
    ) {
    }

    /** What a wiring looks like when it is written down. */
    public static function of(Wiring $wiring): self
    {
        $lands = array_fill_keys($wiring->caps, self::CAP);
        $letters = [];
        foreach ($wiring->joints as $joint) {
            $fixed = array_values(array_filter($joint->points, fn (string $point) => $wiring->points[$point]->isFixed()));
            if ($joint->by->isConnector()) {
                $letters[$joint->enclosure] = chr(
                    ord('A') + (isset($letters[$joint->enclosure]) ? ord($letters[$joint->enclosure]) - ord('A') + 1 : 0),
                );
            }
            foreach ($joint->points as $point) {
                $place = $joint->by->isConnector() ? $letters[$joint->enclosure] : $fixed[0];
                if ($point !== $place) {
                    $lands[$point] = $place;
                }
            }
        }

        return new self($lands, array_map(fn (MarkedAs $as) => $as->value, $wiring->marks));
    }

    /**
     * The wiring file that says the same; what is wrong with it, its reader reports.
     *
     * @return array<string, mixed>
     */
    public function file(Board $board): array
    {
        $points = $board->points();
        $joints = array_map(fn (array $joint) => self::joint($joint, $points, $board->practice), $this->joined($points));

        return [
            'format' => 'zwindle-wiring', 'version' => 1, 'board' => $board->title,
            'joints' => array_values(array_filter($joints, fn (array $joint) => count($joint['points']) > 1)),
            'caps' => array_keys(array_filter($this->lands, fn (string $place) => $place === self::CAP)),
            'marks' => array_map(
                fn (string $point, string $as) => ['point' => $point, 'as' => $as],
                array_keys($this->marks),
                $this->marks,
            ),
        ];
    }

    /**
     * @param  array<string, Point>  $points
     * @return array<string, list<string>> points, and letters of connectors, that are one
     */
    private function joined(array $points): array
    {
        $groups = [];
        $groupOf = [];
        foreach ($this->lands as $point => $place) {
            $box = self::enclosureOf($point, $points);
            if ($place === '' || $place === self::CAP || $box === null) {
                continue;
            }
            $to = preg_match(self::CONNECTOR, $place) === 1 ? "$box $place" : $place;
            [$one, $other] = [$groupOf[$point] ?? $point, $groupOf[$to] ?? $to];
            $groups[$one] ??= [$one];
            $groups[$other] ??= [$other];
            if ($one !== $other) {
                $groups[$one] = [...$groups[$one], ...$groups[$other]];
                unset($groups[$other]);
            }
            foreach ($groups[$one] as $member) {
                $groupOf[$member] = $one;
            }
        }

        return $groups;
    }

    /**
     * @param  list<string>  $members
     * @param  array<string, Point>  $points
     * @return array{in: string, points: list<string>, by: string}
     */
    private static function joint(array $members, array $points, Practice $practice): array
    {
        $own = array_values(array_filter($members, fn (string $member) => ! str_contains($member, ' ')));
        $fixed = array_filter($own, fn (string $point) => isset($points[$point]) && $points[$point]->isFixed());
        $isOnTerminal = count($own) === count($members) && count($fixed) === 1;
        $connector = JoinedBy::from($practice->connectorFor(count($members)));

        $boxes = array_values(array_filter(array_map(fn (string $point) => self::enclosureOf($point, $points), $own)));

        return ['in' => $boxes[0], 'points' => $own, 'by' => ($isOnTerminal ? JoinedBy::Terminal : $connector)->value];
    }

    /**
     * Where a point is or was: an end that came off with its cable still says so in its name.
     *
     * @param  array<string, Point>  $points
     */
    private static function enclosureOf(string $point, array $points): ?string
    {
        return $points[$point]->enclosure ?? (End::isOne($point) ? End::parse($point)->enclosure : null);
    }
}
