<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\NextTest;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\SeenState;
use Zwindle\Diagnosis\SingleMistakes;
use Zwindle\Diagnosis\Suspect;

/** A spoiled board on a wall, with some switches hung the other way round: it answers what is asked of it. */
final class StandingBoard
{
    /** @var list<SeenState> */
    public array $states = [];

    /** @var list<array{point: string, with: list<string>, taped?: list<string>}> */
    public array $looks = [];

    /** @var list<array{point: string, live: bool}> */
    public array $probes = [];

    /** @var list<array{device: string, good: bool}> */
    public array $parts = [];

    /**
     * @param  int  $turned  bits of the switches that hang the other way round
     * @param  bool  $tellsTape  whether a look tells what carries tape or sleeve
     */
    public function __construct(private Suspect $truth, private int $turned, private bool $tellsTape = false)
    {
    }

    /** Every combination is flipped through and told. */
    public function tellAll(): self
    {
        for ($state = 0; $state < $this->truth->circuit()->stateCount(); $state++) {
            $this->tell($state);
        }

        return $this;
    }

    public function tell(int $state): void
    {
        $words = ['1' => 'on', 'd' => 'dim', '0' => 'off'];
        $trips = ['-' => 'none', 'b' => 'breaker', 'r' => 'rcd'];
        $table = $this->truth->survey()->truthTable;
        $is = $state ^ $this->turned;
        $this->states[] = new SeenState(
            $state,
            array_map(fn (string $column) => $words[$column[$is]], $table->lamps),
            $trips[$table->trips[$is]],
        );
    }

    public function answer(NextTest $test): void
    {
        match ($test->kind) {
            'look' => $this->looks[] = [
                'point' => (string) $test->at,
                'with' => array_values(array_diff($this->truth->look()->jointAt((string) $test->at)->points ?? [], [$test->at])),
                ...$this->tellsTape ? ['taped' => $this->truth->tapedAt((string) $test->at)] : [],
            ],
            'probe' => $this->probes[] = ['point' => (string) $test->at, 'live' => $this->truth->isLive((string) $test->at) ?? false],
            'part' => $this->parts[] = ['device' => (string) $test->at, 'good' => $this->truth->isGood((string) $test->at)],
            default => $this->tell((int) $test->at),
        };
    }

    public function seen(): Seen
    {
        return new Seen(null, [], $this->states, $this->looks, $this->probes, $this->parts, $this->tellsTape);
    }

    /**
     * Asked on and on: how many looks until one is left, or one repair mends all that are.
     *
     * @param  (callable(Diagnosis): NextTest)|null  $choose  what is looked at next; null: what the diagnosis says
     * @return array{looks: int, isListed: bool, isFound: bool, diagnosis: Diagnosis} found: nothing but the repair that mends it is left
     */
    public function findOut(Wiring|SingleMistakes $right, int $most = 12, ?callable $choose = null): array
    {
        $singles = $right instanceof Wiring ? new SingleMistakes([$right]) : $right;
        $this->tellAll();
        for ($looks = 0; ; $looks++) {
            $diagnosis = Diagnosis::among($singles, $this->seen());
            $next = $diagnosis->next[0] ?? null;
            if ($next === null || $looks >= $most) {
                $isListed = $this->isListed($diagnosis);
                $repairs = array_unique(array_map(Mending::name(...), $diagnosis->suspects));

                return [
                    'looks' => $looks,
                    'isListed' => $isListed,
                    'isFound' => $isListed && ! $diagnosis->mayBeRight && count($repairs) === 1,
                    'diagnosis' => $diagnosis,
                ];
            }
            $this->answer($choose === null ? $next : $choose($diagnosis));
        }
    }

    public function isListed(Diagnosis $diagnosis): bool
    {
        $ids = fn (Suspect $one): array => array_map(fn ($mistake) => $mistake->id(), array_values($one->mistakes));

        return array_filter($diagnosis->suspects, fn (Suspect $one) => $ids($one) === $ids($this->truth)) !== [];
    }
}
