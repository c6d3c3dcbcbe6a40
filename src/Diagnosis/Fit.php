<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** Whether a suspect fits what was seen, entry by entry. */
final readonly class Fit
{
    private const LETTERS = ['on' => '1', 'dim' => 'd', 'off' => '0'];

    private const TRIPS = ['none' => '-', 'breaker' => 'b', 'rcd' => 'r'];

    public function __construct(private Seen $seen)
    {
    }

    public function fits(Suspect $suspect): bool
    {
        return $this->against($suspect, stopAtFirst: true) === [];
    }

    /**
     * What speaks against a suspect. Of the combinations as few as can be, with the switches hung as suits it best.
     *
     * @return list<string> pointers of entries
     */
    public function against(Suspect $suspect, bool $stopAtFirst = false): array
    {
        $against = [];
        foreach ($this->seen->parts as $i => $part) {
            $suspect->isGood($part['device']) === $part['good'] || $against[] = "/parts/$i";
        }
        foreach ($this->seen->looks as $i => $look) {
            $this->looksSo($suspect, $look['point'], $look['with'], $look['taped'] ?? null) || $against[] = "/looks/$i";
        }
        if ($stopAtFirst && $against !== []) {
            return $against;
        }
        foreach ($this->seen->probes as $i => $probe) {
            $suspect->isLive($probe['point']) === $probe['live'] || $against[] = "/probes/$i";
        }

        return $stopAtFirst && $against !== [] ? $against : [...$this->statesAgainst($suspect, $stopAtFirst), ...$against];
    }

    /**
     * @param  list<string>  $with
     * @param  list<string>|null  $taped  null where nobody says
     */
    private function looksSo(Suspect $suspect, string $point, array $with, ?array $taped): bool
    {
        $looks = $suspect->isLooseSomewhere() ? [$suspect->look(), $suspect->lookFallenOff()] : [$suspect->look()];
        foreach ($looks as $look) {
            $others = array_values(array_diff($look->jointAt($point)->points ?? [], [$point]));
            $isJoinedSo = count($others) === count($with) && array_diff($others, $with) === [];
            $isTapedSo = $taped === null || self::areSame($suspect->tapedAt($point), $taped);
            if ($isJoinedSo && $isTapedSo) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $some
     * @param  list<string>  $others
     */
    private static function areSame(array $some, array $others): bool
    {
        return array_diff($some, $others) === [] && array_diff($others, $some) === [];
    }

    /** @return list<string> */
    private function statesAgainst(Suspect $suspect, bool $stopAtFirst): array
    {
        if ($this->seen->states === []) {
            return [];
        }
        $steady = $suspect->isLooseSomewhere() ? $suspect->withContact() : null;
        $best = null;
        foreach (self::turnings($suspect->reversible()) as $turned) {
            $against = [];
            $most = $best === null ? PHP_INT_MAX : count($best);
            foreach ($this->seen->states as $i => $state) {
                $this->stateFits($suspect, $steady, $state, $state->state ^ $turned) || $against[] = "/states/$i";
                if ($against !== [] && ($stopAtFirst || count($against) >= $most)) {
                    break;
                }
            }
            if ($best === null || count($against) < count($best)) {
                $best = $against;
            }
            if ($best === []) {
                return [];
            }
        }

        return $best ?? [];
    }

    private function stateFits(Suspect $suspect, ?Suspect $steady, SeenState $seen, int $state): bool
    {
        $table = $suspect->table();
        if ($seen->trip !== null && $table->trips[$state] !== self::TRIPS[$seen->trip]) {
            return false;
        }
        foreach ($seen->lamps as $lamp => $does) {
            if ($does === 'flickers') {
                // A loose screw lights it while it touches, and not while it does not.
                if ($steady === null || $steady->table()->lamps[$lamp][$state] === $table->lamps[$lamp][$state]) {
                    return false;
                }
            } elseif ($table->lamps[$lamp][$state] !== self::LETTERS[$does]) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $bits
     * @return iterable<int> every choice of them, none first
     */
    private static function turnings(array $bits): iterable
    {
        for ($choice = 0; $choice < 1 << count($bits); $choice++) {
            $turned = 0;
            foreach ($bits as $i => $bit) {
                $turned |= ($choice >> $i & 1) === 1 ? $bit : 0;
            }
            yield $turned;
        }
    }
}
