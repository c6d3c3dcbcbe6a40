<?php

declare(strict_types=1);

namespace Zwindle\Proving;

use Zwindle\Proving\Reading\Scatter;
use Zwindle\Proving\Reading\Tools;
use Zwindle\Proving\Reading\Touch;
use Zwindle\Proving\Rig\Supply;

/**
 * A board under test: how its supply, switches, lamps and instruments stand.
 *
 * @phpstan-type KeptBoard array{seed: string, supply: array{parts: array<string, string>, own: string, opensNeutral: bool,
 *     locked: list<string>, tagged: list<string>}, state: int, lampsOut: list<string>, tools: array{bool, bool, bool},
 *     link: array{string, string}|null, held: array{with: string, one: string, other: string|null}|null}
 */
final readonly class BoardUnderTest
{
    /**
     * @param  int  $state  the positions of the switches
     * @param  list<string>  $lampsOut
     * @param  array{string, string}|null  $link
     * @param  Touch|null  $held  the instrument that is on its points
     */
    public function __construct(
        public string $seed,
        public Supply $supply,
        public int $state,
        public Tools $tools,
        public array $lampsOut = [],
        public ?array $link = null,
        public ?Touch $held = null,
    ) {
    }

    /**
     * Before anything is done: which breaker feeds the board, and whether the tester works, is drawn at random.
     *
     * @param  bool  $testerMayFail  one in four does
     */
    public static function begin(string $seed, bool $hasResidual, bool $opensNeutral, bool $isOn, bool $testerMayFail): self
    {
        $throw = new Scatter($seed);
        $own = Supply::BREAKERS[(int) floor(($throw->of('own') + 1) * 1.4999)];

        return new self(
            $seed,
            Supply::of($own, $hasResidual, $opensNeutral, $isOn),
            0,
            new Tools(testerWorks: ! $testerMayFail || $throw->of('tester') > -0.5),
        );
    }

    public function scatter(): Scatter
    {
        return new Scatter($this->seed);
    }

    public function withSupply(Supply $supply): self
    {
        return new self($this->seed, $supply, $this->state, $this->tools, $this->lampsOut, $this->link, $this->held);
    }

    public function withState(int $state): self
    {
        return new self($this->seed, $this->supply, $state, $this->tools, $this->lampsOut, $this->link, $this->held);
    }

    public function withTools(Tools $tools): self
    {
        return new self($this->seed, $this->supply, $this->state, $tools, $this->lampsOut, $this->link, $this->held);
    }

    public function withLamp(string $lamp, bool $isOut): self
    {
        $rest = array_values(array_diff($this->lampsOut, [$lamp]));

        return new self(
            $this->seed,
            $this->supply,
            $this->state,
            $this->tools,
            $isOut ? [...$rest, $lamp] : $rest,
            $this->link,
            $this->held,
        );
    }

    /** @param  array{string, string}|null  $link */
    public function withLink(?array $link): self
    {
        return new self($this->seed, $this->supply, $this->state, $this->tools, $this->lampsOut, $link, $this->held);
    }

    public function holding(?Touch $held): self
    {
        return new self($this->seed, $this->supply, $this->state, $this->tools, $this->lampsOut, $this->link, $held);
    }

    /** @return KeptBoard */
    public function toKeep(): array
    {
        return [
            'seed' => $this->seed,
            'supply' => $this->supply->toKeep(),
            'state' => $this->state,
            'lampsOut' => $this->lampsOut,
            'tools' => [$this->tools->testerWorks, $this->tools->isFuseWhole, $this->tools->isNulled],
            'link' => $this->link,
            'held' => $this->held?->toKeep(),
        ];
    }

    /** @param  KeptBoard  $kept */
    public static function kept(array $kept): self
    {
        return new self(
            $kept['seed'],
            Supply::kept($kept['supply']),
            $kept['state'],
            new Tools(...$kept['tools']),
            $kept['lampsOut'],
            $kept['link'],
            $kept['held'] === null ? null : Touch::kept($kept['held']),
        );
    }
}
