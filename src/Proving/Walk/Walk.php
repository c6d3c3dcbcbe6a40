<?php

declare(strict_types=1);

namespace Zwindle\Proving\Walk;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;

/** How somebody went through the combinations with the supply on: from where, by which flips, and what the lamps did. */
final readonly class Walk
{
    /**
     * @param  int  $from  the state in which it began
     * @param  list<string>  $flips  switches, in the order in which they were flipped
     * @param  array<int, array<string, string>>  $seen  state → lamp → `on`, `dim` or `off`; of a state that tripped nothing
     */
    private function __construct(
        public int $from,
        public array $flips,
        public array $seen,
        public bool $isSignedOff,
    ) {
    }

    /**
     * The newest one: since the supply came on, on the wiring as it stands, with the lamps in.
     *
     * @param  list<LoggedAct>  $log
     * @param  int  $head  steps of the wiring
     */
    public static function newest(array $log, int $head): self
    {
        $walk = new self(0, [], [], false);
        $isOn = false;
        foreach ($log as $logged) {
            if ($logged->head !== $head || ! $logged->isLive || $logged->lampsOut !== []) {
                $isOn = false;

                continue;
            }
            $isFlip = $logged->act->kind === ActKind::Flip;
            $walk = match (true) {
                ! $isOn || ($walk->isSignedOff && $isFlip) => new self(
                    $isFlip && $walk->isSignedOff && $isOn ? self::before($walk) : $logged->state,
                    $isFlip && $isOn ? [(string) $logged->act->on] : [],
                    [$logged->state => $logged->lamps],
                    false,
                ),
                default => new self(
                    $walk->from,
                    $isFlip ? [...$walk->flips, (string) $logged->act->on] : $walk->flips,
                    [$logged->state => $logged->lamps] + $walk->seen,
                    $walk->isSignedOff || $logged->act->kind === ActKind::SignOff,
                ),
            };
            $isOn = true;
        }

        return $walk;
    }

    /** The state in which a walk ended: the one that it saw last. */
    private static function before(self $walk): int
    {
        return (int) array_key_first($walk->seen);
    }

    /**
     * Flip by flip, whether each lamp that the switch works changed, and no other.
     *
     * @return list<bool>
     */
    public function answered(Circuit $circuit): array
    {
        $state = $this->from;
        $answered = [];
        foreach ($this->flips as $switch) {
            $next = $state ^ $circuit->bitOf((int) array_search($switch, $circuit->switches, true));
            $isRight = true;
            foreach ($circuit->wiring->board->controls as $control) {
                foreach ($control->lamps as $lamp) {
                    $changed = ($this->seen[$state][$lamp] ?? '') !== ($this->seen[$next][$lamp] ?? '');
                    $isRight = $isRight && $changed === in_array($switch, $control->switches, true);
                }
            }
            $answered[] = $isRight;
            $state = $next;
        }

        return $answered;
    }

    public function end(): int
    {
        return (int) array_key_first($this->seen);
    }
}
