<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/** One usual mistake at one place of a right wiring. */
final readonly class Mistake
{
    /**
     * @param  list<string>  $at  the points, or the device, that it is about
     * @param  list<Move>  $moves  what the hand did wrong; empty where a part is at fault
     * @param  string|null  $unmarked  end whose mark was left off
     */
    private function __construct(
        public MistakeKind $kind,
        public array $at,
        public array $moves = [],
        public ?PartFault $fault = null,
        public ?string $unmarked = null,
    ) {
    }

    /**
     * @param  list<string>  $at
     * @param  list<Move>  $moves
     */
    public static function ofHand(MistakeKind $kind, array $at, array $moves): self
    {
        return new self($kind, $at, $moves);
    }

    public static function ofPart(MistakeKind $kind, PartFault $fault): self
    {
        return new self(
            $kind,
            $fault->dead === null
                ? [$fault->device]
                : array_map(fn (string $terminal) => DevicePoint::id($fault->device, $terminal), $fault->dead),
            fault: $fault,
        );
    }

    public static function breakerTripped(string $supply): self
    {
        return new self(MistakeKind::BreakerTripped, [$supply]);
    }

    public static function unmarked(string $end): self
    {
        return new self(MistakeKind::LineUnmarked, [$end], unmarked: $end);
    }

    /** Tells it from the other mistakes of a board: `pair-split S2.a2 S2.b1`. */
    public function id(): string
    {
        $how = $this->fault?->stuckUp === null ? '' : ($this->fault->stuckUp ? ' up' : ' down');

        return $this->kind->value.' '.implode(' ', $this->at).$how;
    }

    /** Whether two mistakes cannot stand side by side: both are about the same conductor, terminal or part. */
    public function clashesWith(self $other): bool
    {
        return array_intersect($this->touched(), $other->touched()) !== [];
    }

    /** @return list<string> */
    private function touched(): array
    {
        return array_values(array_unique([
            ...array_filter(array_map(fn (Move $move) => $move->point ?? $move->device, $this->moves)),
            ...$this->at,
            ...($this->fault === null ? [] : [$this->fault->device]),
        ]));
    }

    public function madeOn(Wiring $wiring): Wiring
    {
        $made = Mover::make($wiring, $this->moves);
        if ($this->unmarked === null) {
            return $made;
        }

        return Wiring::of(
            $made->board,
            $made->joints,
            $made->caps,
            array_diff_key($made->marks, [$this->unmarked => true]),
            $made->fitted,
            $made->labels,
        );
    }
}
