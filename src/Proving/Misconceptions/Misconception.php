<?php

declare(strict_types=1);

namespace Zwindle\Proving\Misconceptions;

use Zwindle\Catalogue\Devices\SwitchFunction;

/**
 * What people in a room usually think that a lamp with several switches does (common practice: what instructors hear).
 *
 * Each is a rule from positions to the lamp; a state is a word of bits, the first switch the highest, 1 for down.
 */
enum Misconception: string
{
    /** "Up is on": the switch that was flipped decides by itself. */
    case UpIsOn = 'up-is-on';
    /** "They all have to be up." */
    case AllUp = 'all-up';
    /** "One of them up is enough." */
    case AnyUp = 'any-up';
    /** "The first one is the main one; the others only work while it is up." */
    case FirstIsMain = 'first-is-main';
    /** "The one in the middle cuts everything off." */
    case MiddleCuts = 'middle-cuts';

    /**
     * @param  list<SwitchFunction|null>  $switches  in the board's order
     * @param  int  $flipped  place of the switch that was flipped
     * @param  bool  $before  whether the lamp was on before the flip
     */
    public function expectsOn(array $switches, int $state, int $flipped, bool $before): bool
    {
        $isUp = fn (int $place): bool => ($state >> (count($switches) - 1 - $place) & 1) === 0;
        $places = array_keys($switches);
        $up = count(array_filter($places, $isUp));

        return match ($this) {
            self::UpIsOn => $isUp($flipped),
            self::AllUp => $up === count($switches),
            self::AnyUp => $up > 0,
            self::FirstIsMain => $flipped === 0 ? $isUp(0) : ($isUp(0) && ! $before),
            self::MiddleCuts => $this->passes($switches, $isUp) && ! $before,
        };
    }

    /** @param  list<SwitchFunction|null>  $switches */
    public function isAbout(array $switches): bool
    {
        return count($switches) > 1 && ($this !== self::MiddleCuts || in_array(SwitchFunction::FourWay, $switches, true));
    }

    /**
     * @param  list<SwitchFunction|null>  $switches
     * @param  callable(int): bool  $isUp
     */
    private function passes(array $switches, callable $isUp): bool
    {
        foreach ($switches as $place => $function) {
            if ($function === SwitchFunction::FourWay && ! $isUp($place)) {
                return false;
            }
        }

        return true;
    }
}
