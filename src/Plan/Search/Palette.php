<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\ColourSystem;
use Zwindle\Circuit\Scheme\Role;

/**
 * Which core of a run carries which strand, the best first: no re-identification before some, the line out on the white
 * before a return on it, travellers on black and red.
 *
 * In North America a neutral stands only on white or grey, and a white single is never a line conductor: 200.7(C) lets only a
 * core of a cable be re-identified. In Britain any core may be sleeved blue; the practice
 * says which of the two it keeps to. Source: NEC 200.6, 200.7(C), BS 7671 514 (memory);
 * the rest is common practice.
 */
final readonly class Palette
{
    /** A re-identified white as the return from the switch earns a remark. */
    public const RETURN_ON_WHITE = 1000;

    /** Of a conductor that must be marked, by what it carries. */
    private const MARKED = ['line' => 20, 'switched-line' => 25, 'traveller' => 30];

    /** Where any core is sleeved, as in Britain, the blue of a drop is the ordinary return, and strappers are sleeved as they come. */
    private const MARKED_WHERE_ANY_IS = ['line' => 25, 'switched-line' => 10, 'traveller' => 15];

    private const COLOURS = [
        'line' => ['black' => 0, 'brown' => 0, 'red' => 2, 'blue' => 3],
        'switched-line' => ['black' => 0, 'brown' => 1, 'red' => 1, 'blue' => 2],
        'traveller' => ['black' => 0, 'red' => 0, 'brown' => 1, 'blue' => 1],
    ];

    private const OTHER_COLOUR = 4;

    /** Of a core sleeved blue in Britain: where a core has to be the neutral that is not blue. */
    private const SLEEVED_NEUTRAL = 60;

    private bool $sleevesAnyCore;

    public function __construct(private Board $board)
    {
        $this->sleevesAnyCore = $board->practice->sleevesAnyCore;
    }

    /**
     * Whether a run has cores enough, and one for the neutral.
     *
     * @param  int  $onLineSide  strands that are not the neutral
     */
    public function holds(Run $run, int $onLineSide, bool $hasNeutral): bool
    {
        foreach ($run->coreChoices() as $cores) {
            $forNeutral = array_filter($cores, fn (Core $core) => $this->cost(Role::Neutral, $core, $run) !== null);
            $forLine = array_filter($cores, fn (Core $core) => $this->cost(Role::Line, $core, $run) !== null);
            if (
                count($cores) >= $onLineSide + ($hasNeutral ? 1 : 0)
                && count($forLine) >= $onLineSide
                && (! $hasNeutral || $forNeutral !== [])
            ) {
                return true;
            }
        }

        return false;
    }

    /** The cores of a run that cannot be line conductors: white and grey singles in North America. */
    public function neverLine(Run $run): int
    {
        return max(
            0,
            ...array_map(
                fn (array $cores) => count(array_filter($cores, fn (Core $core) => $this->cost(Role::Line, $core, $run) === null)),
                $run->coreChoices(),
            ),
        );
    }

    /**
     * Every way that differs in what a core carries; for an undecided run, with the smallest cable that has any.
     *
     * @param  list<Strand>  $strands
     * @return list<array{cost: int, cores: array<string, string>, type: CableType|null}> core → key of its strand; the best first
     */
    public function assignments(Run $run, array $strands): array
    {
        foreach ($run->coreChoices() as $i => $cores) {
            $found = [];
            foreach ($this->placements($strands, $cores, $run) as [$cost, $placed]) {
                // The tie of the commons is a traveller like any other to whoever looks at the cable.
                $roles = array_map(fn (string $key) => str_replace('link', 'traveller', explode(' ', $key)[0]), $placed);
                ksort($roles);
                $look = json_encode($roles, JSON_THROW_ON_ERROR);
                if (! isset($found[$look]) || $found[$look]['cost'] > $cost) {
                    $found[$look] = ['cost' => $cost, 'cores' => $placed, 'type' => $run->choices[$i] ?? null];
                }
            }
            if ($found !== []) {
                $ranks = array_map(
                    fn (array $way) => [$way['cost'], self::isCustomary($way['cores'], array_keys($cores)) ? 0 : 1],
                    array_values($found),
                );
                array_multisort($ranks, array_keys($ranks), $found);

                return array_values($found);
            }
        }

        return [];
    }

    /**
     * Whether the commons are tied by the middle core of three: black between the COMs with brown on L1 and grey on L2, of old cable
     * the yellow (common practice).
     *
     * @param  array<string, string>  $placed  core → key of its strand
     * @param  list<string>  $cores  in the order of the sheath
     */
    private static function isCustomary(array $placed, array $cores): bool
    {
        return str_starts_with($placed[$cores[1] ?? ''] ?? '', 'link');
    }

    /**
     * Every way, also those that differ only in which of two travellers a core carries; of a run that is decided.
     *
     * @param  list<Strand>  $strands
     * @return list<array{int, array<string, string>}> cost, and core → key of its strand; the best first
     */
    public function everyWay(Run $run, array $strands): array
    {
        $ways = iterator_to_array($this->placements($strands, $run->coreChoices()[0], $run), false);
        usort($ways, fn (array $one, array $other) => $one[0] <=> $other[0]);

        return $ways;
    }

    /**
     * @param  list<Strand>  $strands
     * @param  array<string, Core>  $cores
     * @return iterable<array{int, array<string, string>}>
     */
    private function placements(array $strands, array $cores, Run $run): iterable
    {
        if ($strands === []) {
            yield [0, []];

            return;
        }
        $strand = array_shift($strands);
        foreach ($cores as $id => $core) {
            $cost = $this->cost($strand->role, $core, $run);
            if ($cost === null) {
                continue;
            }
            $rest = $cores;
            unset($rest[$id]);
            foreach ($this->placements($strands, $rest, $run) as [$more, $placed]) {
                yield [$cost + $more, [$id => $strand->key, ...$placed]];
            }
        }
    }

    /** Null where it may not be. */
    private function cost(Role $role, Core $core, Run $run): ?int
    {
        $colours = $this->colours($core, $run);
        if ($run->goesOn() && ! self::isMeantFor($role, $core, $colours)) {
            return null;
        }
        if ($role === Role::Neutral) {
            return $colours->isNeutrals($core->colour) ? 0 : ($this->sleevesAnyCore ? self::SLEEVED_NEUTRAL : null);
        }
        $isWhite = ! $this->sleevesAnyCore && $colours->isNeutrals($core->colour);

        return match (true) {
            $isWhite && $this->isSingle($core, $run) => null,
            ! $colours->needsMarkAsLine($core->colour) => self::COLOURS[$role->value][$core->colour->value] ?? self::OTHER_COLOUR,
            $this->sleevesAnyCore => self::MARKED_WHERE_ANY_IS[$role->value] ?? 0,
            $role === Role::SwitchedLine && $isWhite => self::RETURN_ON_WHITE,
            default => self::MARKED[$role->value] ?? 0,
        };
    }

    /** Beyond the board they go by the colours: the line on black, brown or the old red, the neutral on its own colour. */
    private static function isMeantFor(Role $role, Core $core, ColourSystem $colours): bool
    {
        $lines = $colours->isNeutrals(Colour::Black) ? [Colour::Red] : [Colour::Black, Colour::Brown];

        return match ($role) {
            Role::Neutral => $colours->isNeutrals($core->colour),
            Role::Line => in_array($core->colour, $lines, true),
            default => false,
        };
    }

    private function isSingle(Core $core, Run $run): bool
    {
        return array_filter($run->cables, fn (Cable $cable) => $cable->id === $core->cable && $cable->type->isSingle) !== [];
    }

    private function colours(Core $core, Run $run): ColourSystem
    {
        foreach ($run->cables as $cable) {
            if ($cable->id === $core->cable && $cable->type->colours !== null) {
                return $cable->type->colours;
            }
        }

        return $this->board->practice->newColours();
    }
}
