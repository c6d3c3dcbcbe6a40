<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Device;
use Zwindle\Board\PointKind;
use Zwindle\Catalogue\Devices\DeviceKind;

/**
 * What tells the suspects apart best for what it costs and for the danger in it: flips before anything is opened, a good lamp tried
 * before a cover is off, a look (dead) into a box that is open already before one into another, a switch taken out, and last a probe,
 * for which somebody works live.
 */
final readonly class NextTests
{
    private const COST = [
        'flip' => 0.4, 'lamp' => 0.8, 'look-open' => 1.0, 'look' => 1.1, 'part' => 1.3, 'probe-open' => 1.35, 'probe' => 1.5,
    ];

    /** Of those that are likeliest: the rest say little. */
    private const MOST_SUSPECTS = 60;

    private const MOST = 6;

    /** Likelihoods count a little less than in full: what is rare is to be found in few looks too. */
    private const FLATTENED = 0.95;

    public function __construct(private Seen $seen, private Likelihood $likelihood)
    {
    }

    /**
     * @param  list<Suspect>  $suspects  likeliest first; the board that is right may be among them
     * @return list<NextTest> best first; none where one repair mends all of them
     */
    public function of(array $suspects): array
    {
        if (count($suspects) < 2 || count(array_unique(array_map(Mending::name(...), $suspects))) === 1) {
            return [];
        }
        $few = array_slice($suspects, 0, self::MOST_SUSPECTS);
        $weights = array_map(fn (Suspect $suspect) => $this->likelihood->of($suspect) ** self::FLATTENED, $few);
        $repairs = array_map(Mending::name(...), $few);
        $questions = $this->questions($few);
        $ahead = new LookingAhead($questions, $weights, $repairs);
        $looks = count($this->seen->looks) + count($this->seen->probes) + count($this->seen->parts);
        $telling = array_column($ahead->telling(array_keys($few), LookingAhead::WIDTHS[0]), 'question');
        $costs = array_map(fn (WeighedTest $question) => $ahead->cost($question, array_keys($few), $looks), $telling);
        array_multisort($costs, SORT_ASC, array_keys($telling), SORT_ASC, $telling);

        return array_map(fn (WeighedTest $question) => $question->test, array_slice($telling, 0, self::MOST));
    }

    /**
     * What tells suspects apart at all; of what tells them apart in the same way the cheapest.
     *
     * @param  list<Suspect>  $suspects
     * @return list<WeighedTest>
     */
    private function questions(array $suspects): array
    {
        $questions = [];
        foreach ($this->candidates($suspects[0]) as [$test, $cost]) {
            $seen = array_map(fn (Suspect $suspect) => $this->shown($suspect, $test), $suspects);
            if (count(array_unique($seen)) > 1) {
                $question = WeighedTest::of($test, $cost, $seen);
                $known = $questions[$question->key()] ?? $question;
                $questions[$question->key()] = $known->cost > $cost ? $question : $known;
            }
        }

        return array_values($questions);
    }

    /** @return iterable<array{NextTest, float}> */
    private function candidates(Suspect $suspect): iterable
    {
        $wiring = $suspect->right;
        $told = array_map(fn (SeenState $state) => $state->state, $this->seen->states);
        for ($state = 0; $state < $suspect->circuit()->stateCount(); $state++) {
            if (! in_array($state, $told, true)) {
                yield [NextTest::flip($state), self::COST['flip']];
            }
        }
        $open = array_map(
            fn (string $point) => $wiring->points[$point]->enclosure ?? '',
            [...array_column($this->seen->looks, 'point'), ...array_column($this->seen->probes, 'point')],
        );
        $looked = array_column($this->seen->looks, 'point');
        $probed = array_column($this->seen->probes, 'point');
        foreach ($wiring->points as $id => $point) {
            $isOpen = in_array($point->enclosure, $open, true) ? '-open' : '';
            if ($point->kind !== PointKind::EnclosureEarth && ! in_array($id, $looked, true)) {
                yield [NextTest::look($id), self::COST["look$isOpen"]];
            }
            // A conductor is probed beside its screw: one that is live while its screw is dead is loose there.
            $isThere = $point->device !== null || $wiring->jointAt($id) !== null;
            if (! $point->isEarthing() && $isThere && ! in_array($id, $probed, true)) {
                yield [NextTest::probe($id), self::COST["probe$isOpen"]];
            }
        }
        $tested = array_column($this->seen->parts, 'device');
        foreach ($wiring->board->devices as $device) {
            if (self::isPart($device) && ! in_array($device->id, $tested, true)) {
                yield [NextTest::part($device->id), self::COST[$device->is(DeviceKind::Lamp) ? 'lamp' : 'part']];
            }
        }
    }

    private static function isPart(Device $device): bool
    {
        return $device->is(DeviceKind::Switch) || $device->is(DeviceKind::Lamp);
    }

    private function shown(Suspect $suspect, NextTest $test): string
    {
        if ($test->kind === 'look') {
            $others = array_diff($suspect->look()->jointAt((string) $test->at)->points ?? [], [$test->at]);
            sort($others);

            return implode(' ', [...$others, ...$this->seen->tellsTape ? ['taped', ...$suspect->tapedAt((string) $test->at)] : []]);
        }
        if ($test->kind === 'flip') {
            $table = $suspect->table();

            return implode('', array_map(fn (string $column) => $column[(int) $test->at], $table->lamps)).$table->trips[(int) $test->at];
        }

        return match ($test->kind) {
            'probe' => match ($suspect->isLive((string) $test->at)) {
                true => 'live',
                false => 'dead',
                null => 'not there',
            },
            default => $suspect->isGood((string) $test->at) ? 'good' : 'bad',
        };
    }
}
