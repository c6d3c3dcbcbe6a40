<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Result;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Repair\Move\Move;

/** What a hand would do about one remark where it is: tape, a cap, a pigtail, two ends exchanged. */
final readonly class Remedies
{
    private Wiring $wiring;

    public function __construct(private Result $result)
    {
        $this->wiring = $result->evidence->wiring;
    }

    /** @return list<non-empty-list<Move>> each to be tried; empty where nothing can be done on the spot */
    public function of(Finding $remark): array
    {
        return match ($remark->code) {
            FindingCode::LineUnmarked => self::atOnce($remark, fn (string $end) => Move::mark($end, MarkedAs::Line)),
            FindingCode::EarthUnsleeved => self::atOnce($remark, fn (string $end) => Move::mark($end, MarkedAs::Earth)),
            FindingCode::NeutralColour => self::atOnce($remark, fn (string $end) => Move::mark($end, MarkedAs::Neutral)),
            FindingCode::EndNotCapped => self::atOnce($remark, fn (string $end) => Move::of($end, Move::LOOSE, Move::CAP)),
            FindingCode::FalseMark => [[Move::unmark($remark->at[0])], [$this->trueMark($remark->at[0])]],
            FindingCode::FlexReversed => [$this->turned((string) $remark->params['lamp'])],
            FindingCode::RoseBlocksExchanged => $this->atBlocks($remark->at),
            FindingCode::CrowdedTerminal, FindingCode::ConnectorOverfilled => $this->fewerAt($remark->at[0]),
            default => [],
        };
    }

    /**
     * @param  callable(string): Move  $move
     * @return list<non-empty-list<Move>> the same at every place
     */
    private static function atOnce(Finding $remark, callable $move): array
    {
        $moves = array_map($move, $remark->at);

        return $moves === [] ? [] : [$moves];
    }

    /** What the conductor is. */
    private function trueMark(string $end): Move
    {
        $role = $this->result->evidence->roles->at($end)[0];

        return Move::mark($end, match (true) {
            $role->isOnLineSide() => MarkedAs::Line,
            $role === Role::Neutral => MarkedAs::Neutral,
            default => MarkedAs::Earth,
        });
    }

    /** @return non-empty-list<Move> the two leads of a lamp exchanged */
    private function turned(string $lamp): array
    {
        [$one, $other] = array_map(
            fn ($side) => DevicePoint::id($lamp, $side->name),
            $this->wiring->modelOf($this->wiring->board->devices[$lamp])->lampSides(),
        );

        return $this->exchanged($one, $other);
    }

    /** @return non-empty-list<Move> */
    private function exchanged(string $one, string $other): array
    {
        [$from, $to] = [$this->neighbour($one), $this->neighbour($other)];

        return [Move::of($one, $from, $to), Move::of($other, $to, $from)];
    }

    /**
     * @param  list<string>  $blocks
     * @return list<non-empty-list<Move>>
     */
    private function atBlocks(array $blocks): array
    {
        [$block, $other] = [$blocks[0], $blocks[1] ?? null];
        if ($other !== null && ! ($this->wiring->jointAt($block)?->has($other) ?? false)) {
            $cables = [...$this->allOver($block, $other), ...$this->allOver($other, $block)];

            return [...($cables === [] ? [] : [$cables]), $this->exchanged($block, $other)];
        }
        $fellow = $this->fellowOf($block);
        $ends = array_values(array_diff($this->wiring->jointAt($block)->points ?? [], [$block]));
        $over = $fellow !== null && $this->wiring->jointAt($fellow) === null ? $this->allOver($block, $fellow) : [];

        return [
            ...($over === [] ? [] : [$over]),
            [Move::of($block, $ends[0] ?? Move::CAP, Move::CAP)],
        ];
    }

    /** The switched block of a rose's loop block, and the other way round. */
    private function fellowOf(string $block): ?string
    {
        $place = $this->wiring->points[$block];
        $duties = array_diff([TerminalDuty::Hot->value, TerminalDuty::SwitchedBlock->value], [$place->terminal?->duty->value]);
        $rose = $this->wiring->board->devices[(string) $place->device];
        foreach (count($duties) === 1 ? $this->wiring->modelOf($rose)->terminals : [] as $terminal) {
            if (in_array($terminal->duty->value, $duties, true)) {
                return DevicePoint::id($rose->id, $terminal->name);
            }
        }

        return null;
    }

    /** @return list<Move> what is in one block brought to another */
    private function allOver(string $from, string $to): array
    {
        $ends = array_values(array_diff($this->wiring->jointAt($from)->points ?? [], [$from]));

        return array_map(fn (string $end) => Move::of($end, $from, $to), $ends);
    }

    /**
     * One conductor less, where it is not needed; or all of them in a connector with a pigtail, or with ports enough.
     *
     * @return list<non-empty-list<Move>>
     */
    private function fewerAt(string $place): array
    {
        $points = array_values(array_diff($this->wiring->jointAt($place)->points ?? [], [$place]));
        $ends = array_values(array_filter([$place, ...$points], fn (string $point) => ! $this->wiring->points[$point]->isFixed()));
        $from = $this->neighbour($place);

        return [
            ...array_map(fn (string $end) => [Move::of($end, $this->neighbour($end), Move::CAP)], $ends),
            [Move::of($place, $from, Move::CAP), Move::of($place, Move::CAP, $from)],
        ];
    }

    private function neighbour(string $point): string
    {
        return array_values(array_diff($this->wiring->jointAt($point)->points ?? [], [$point]))[0] ?? Move::CAP;
    }
}
