<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;

/**
 * The way of every load's current through the cores in one state.
 *
 * The current of a lamp leaves the supply, crosses closed contacts from piece to piece of joined cores, and returns. Where
 * closed contacts themselves make a ring, it is followed by the fewest contacts.
 */
final class LoadCurrents
{
    /** A receptacle draws in no proportion to the lamps, so that the two cannot seem to cancel. */
    private const RECEPTACLE_DRAWS = 7.389;

    /**
     * @var array<int, list<array{int, int, int, float}>> piece → contacts out of it: switch, position, piece beyond,
     *     what crossing it counts
     */
    private array $contacts = [];

    /** @var list<array{array{int, float}, array{int, float}}> per lamp: piece and count of its two sides */
    private array $lampSides;

    /** @var list<array{array{int, float}, array{int, float}}> per receptacle and onward cable: hot and neutral */
    private array $receptacles = [];

    private readonly int $linePiece;

    private readonly float $lineCount;

    private readonly int $returnPiece;

    private readonly float $returnCount;

    /** @param  array<string, float>  $weights  core → what a current in it counts; others count nothing */
    public function __construct(private readonly Circuit $circuit, private readonly NetFlow $flow, private readonly array $weights)
    {
        $wiring = $circuit->wiring;
        foreach ($circuit->switches as $i => $switch) {
            $model = $wiring->modelOf($wiring->board->devices[$switch]);
            foreach ([$model->closedUp, $model->closedDown] as $position => $pairs) {
                foreach ($pairs as [$one, $other]) {
                    $this->addContact($i, $position, DevicePoint::id($switch, $one), DevicePoint::id($switch, $other));
                }
            }
        }
        $this->lampSides = array_map(function (string $lamp): array {
            [$one, $other] = $this->circuit->wiring->modelOf($this->circuit->wiring->board->devices[$lamp])->lampSides();

            return [$this->at(DevicePoint::id($lamp, $one->name)), $this->at(DevicePoint::id($lamp, $other->name))];
        }, $circuit->lamps);
        foreach ($wiring->board->devicesOf(DeviceKind::Receptacle) as $receptacle) {
            [$hot] = $wiring->modelOf($receptacle)->withDuty(TerminalDuty::Hot);
            [$neutral] = $wiring->modelOf($receptacle)->withDuty(TerminalDuty::Neutral);
            $this->receptacles[] = [
                $this->at(DevicePoint::id($receptacle->id, $hot->name)),
                $this->at(DevicePoint::id($receptacle->id, $neutral->name)),
            ];
        }
        foreach ($wiring->board->onwardCables() as $cable) {
            // What it feeds beyond the board draws as a receptacle would.
            [$line, $neutral] = [$cable->lineCore(), $cable->neutralCore()];
            if ($line !== null && $neutral !== null) {
                $this->receptacles[] = [$this->at($line->ends()[0]), $this->at($neutral->ends()[0])];
            }
        }
        $supply = $wiring->board->supply()->id;
        [$this->linePiece, $this->lineCount] = $this->at(DevicePoint::id($supply, 'line'));
        [$this->returnPiece, $this->returnCount] = $this->at(DevicePoint::id($supply, 'neutral'));
    }

    /**
     * What the currents of all loads count together in one state.
     *
     * @param  array<int, float>  $lampCurrents  lamp, by its place in the circuit → current from its first side to its second
     */
    public function count(int $state, array $lampCurrents): float
    {
        $ways = $this->waysFrom($state, $this->linePiece, -$this->lineCount) + $this->waysFrom(
            $state,
            $this->returnPiece,
            -$this->returnCount,
        );
        $sum = 0.0;
        foreach ($lampCurrents as $lamp => $current) {
            foreach ($this->lampSides[$lamp] as $side => [$piece, $count]) {
                if (! isset($ways[$piece])) {
                    // Between lamps in series: what comes in goes out, so any place serves as the middle.
                    $ways += $this->waysFrom($state, $piece, 0.0);
                }
                // What goes into the lamp leaves the cores there; what comes out enters them.
                $sum += ($side === 0 ? -$current : $current) * ($count + $ways[$piece]);
            }
        }

        return $sum + $this->countOfReceptacles($state);
    }

    private function countOfReceptacles(int $state): float
    {
        if ($this->receptacles === []) {
            return 0.0;
        }
        $line = $this->waysFrom($state, $this->linePiece, -$this->lineCount);
        $return = $this->waysFrom($state, $this->returnPiece, -$this->returnCount);
        $sum = 0.0;
        foreach ($this->receptacles as $i => [[$hot, $hotCount], [$neutral, $neutralCount]]) {
            if (isset($line[$hot], $return[$neutral])) {
                $sum += self::RECEPTACLE_DRAWS * ($i + 1) * ($neutralCount + $return[$neutral] - $hotCount - $line[$hot]);
            }
        }

        return $sum;
    }

    /**
     * Every piece that closed contacts lead to, with what must be added to the count of a point in it.
     *
     * @return array<int, float>
     */
    private function waysFrom(int $state, int $piece, float $offset): array
    {
        $ways = [$piece => $offset];
        $next = [$piece];
        for ($i = 0; isset($next[$i]); $i++) {
            $here = $next[$i];
            foreach ($this->contacts[$here] ?? [] as [$switch, $position, $beyond, $count]) {
                if (! isset($ways[$beyond]) && $this->circuit->isDown($switch, $state) === ($position === 1)) {
                    $ways[$beyond] = $ways[$here] + $count;
                    $next[] = $beyond;
                }
            }
        }

        return $ways;
    }

    private function addContact(int $switch, int $position, string $one, string $other): void
    {
        [$here, $hereCount] = $this->at($one);
        [$there, $thereCount] = $this->at($other);
        $this->contacts[$here][] = [$switch, $position, $there, $hereCount - $thereCount];
        $this->contacts[$there][] = [$switch, $position, $here, $thereCount - $hereCount];
    }

    /** @return array{int, float} the piece of a point, and what one ampere from it to the root of the piece counts */
    private function at(string $point): array
    {
        $count = 0.0;
        foreach ($this->flow->toRoot($point) as $core => $ampere) {
            $count += $ampere * ($this->weights[$core] ?? 0.0);
        }

        return [$this->flow->pieceAt($point), $count];
    }
}
