<?php

declare(strict_types=1);

namespace Zwindle\Plan;

use Zwindle\Board\Board;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Plan\Search\Arrangement;
use Zwindle\Plan\Search\Assembler;
use Zwindle\Plan\Search\Chains;
use Zwindle\Plan\Search\Palette;
use Zwindle\Plan\Search\RunGraph;
use Zwindle\Plan\Search\Search;
use Zwindle\Plan\Search\TimeLimit;

/**
 * Works out right wirings of a board, best first: no re-identification before some, the line out on the white before a
 * return on it, travellers on black and red. Every plan has been checked.
 *
 * Plans that earn only a remark of a dispute come after those that pass.
 */
final class Planner
{
    /** `--all` stops here. */
    public const MOST_PLANS = 60;

    /** Ways to lay the cores that are kept in all, shared by the arrangements. */
    private const MOST_CANDIDATES = 600;

    /** States that plans are checked in before the list stops. */
    private const MOST_STATES = 80_000;

    private const DISPUTED = [FindingCode::ReturnOnWhite, FindingCode::SchemeNotAcceptedEverywhere, FindingCode::SeparateReturn];

    /** A common-link is the usual way in Britain, and disputed in North America. */
    private const USUAL_LINK_COST = -30;

    private const DISPUTED_LINK_COST = 5000;

    private function __construct(private readonly Board $board, private readonly CodeEdition $edition, private readonly string $scheme)
    {
    }

    /** @param  string|null  $scheme  asked for; the board's own requirement if null */
    public static function plan(Board $board, ?string $scheme = null, bool $all = false, ?CodeEdition $edition = null): Planning
    {
        $planner = new self($board, $edition ?? $board->edition, $scheme ?? $board->requirements->scheme);

        return (new Chains($board))->controlWithWrongParts() !== null
            ? new Planning([], [], NoPlan::WrongParts, false)
            : $planner->search($all);
    }

    /**
     * Which schemes can be wired here, each by its best plan, in one search: a candidate is checked once, whatever it turns out
     * to be.
     *
     * @param  list<SchemeName>  $schemes
     * @return array<string, Planning> scheme → what the planner came to for it
     */
    public static function bySchemes(Board $board, array $schemes): array
    {
        $planner = new self($board, $board->edition, Requirements::ANY_SCHEME);
        if ((new Chains($board))->controlWithWrongParts() !== null) {
            return array_map(fn () => new Planning([], [], NoPlan::WrongParts, false), array_flip(array_column($schemes, 'value')));
        }
        $graph = new RunGraph($board);
        $found = $shortages = [];
        foreach ((new Chains($board))->linkings(Requirements::ANY_SCHEME) as $linked) {
            $search = new Search($board, $graph, $board->edition);
            $candidates = array_merge(
                ...array_map(
                    fn (Arrangement $one) => $planner->candidates($one, $graph, $linked, false, 1),
                    $search->arrangements($linked),
                ),
                ...[[]],
            );
            $shortages[(int) $linked] = $candidates === [] ? $planner->shortages($search, $graph, $linked) : [];
            foreach ($candidates as $candidate) {
                if (TimeLimit::isUp()) {
                    break;
                }
                $plan = $planner->wired($candidate);
                if (self::isAcceptable($plan->result)) {
                    $found[$plan->result->scheme()?->value] ??= $plan;
                }
            }
        }
        $plannings = [];
        foreach ($schemes as $scheme) {
            $short = $shortages[$scheme === SchemeName::CommonLink ? 1 : 0] ?? [];
            $plan = $found[$scheme->value] ?? null;
            $plannings[$scheme->value] = $plan === null
                ? new Planning([], $short, match (true) {
                    TimeLimit::isUp() => NoPlan::NotFinished,
                    $short === [] => NoPlan::OtherScheme,
                    default => NoPlan::ShortOfCores,
                }, false)
                : new Planning([$plan], [], null, false);
        }

        return $plannings;
    }

    /** @param  array{cost: int, cores: array<string, string>, types: array<string, CableType>, arrangement: Arrangement}  $candidate */
    private function wired(array $candidate): Plan
    {
        $wiring = Assembler::assemble(
            $this->board->withCables($candidate['types']),
            $candidate['arrangement']->strands,
            $candidate['cores'],
        );

        return new Plan($wiring, Checker::check($wiring, $this->edition), $candidate['arrangement']->chains, $candidate['cost']);
    }

    private function search(bool $all): Planning
    {
        $graph = new RunGraph($this->board);
        $candidates = [];
        $isFinished = true;
        $isCut = false;
        $shortages = [];
        foreach ((new Chains($this->board))->linkings($this->scheme) as $linked) {
            $search = new Search($this->board, $graph, $this->edition, $all);
            $arrangements = $search->arrangements($linked);
            $most = min(self::MOST_PLANS, intdiv(self::MOST_CANDIDATES, max(1, count($arrangements))));
            foreach ($arrangements as $arrangement) {
                $made = $this->candidates($arrangement, $graph, $linked, $all, $most);
                $candidates = [...$candidates, ...$made];
                $isCut = $isCut || count($made) === $most;
            }
            $isFinished = $isFinished && $search->isFinished;
            $isCut = $isCut || $search->hasFoundMost();
            $shortages = [...$shortages, ...$this->shortages($search, $graph, $linked)];
        }
        usort($candidates, fn (array $one, array $other) => $one['cost'] <=> $other['cost']);
        [$plans, $sawOther, $isOver] = $this->accepted($candidates, $all);
        $reason = match (true) {
            $plans !== [] => null,
            ! $isFinished || TimeLimit::isUp() => NoPlan::NotFinished,
            $sawOther => NoPlan::OtherScheme,
            $candidates !== [] => NoPlan::NoRightWiring,
            default => NoPlan::ShortOfCores,
        };
        $isTruncated = $all && (count($plans) === self::MOST_PLANS || ! $isFinished || $isCut || $isOver);

        return new Planning($plans, $reason === NoPlan::ShortOfCores ? $shortages : [], $reason, $isTruncated, ! TimeLimit::isUp());
    }

    /** @return list<array{cost: int, cores: array<string, string>, types: array<string, CableType>, arrangement: Arrangement}> */
    private function candidates(Arrangement $arrangement, RunGraph $graph, bool $linked, bool $all, int $most): array
    {
        $palette = new Palette($this->board);
        $base = $linked ? ($this->board->practice->isCommonLinkUsual ? self::USUAL_LINK_COST : self::DISPUTED_LINK_COST) : 0;
        $made = [['cost' => $base, 'cores' => [], 'types' => [], 'arrangement' => $arrangement]];
        foreach ($graph->runs as $i => $run) {
            if (TimeLimit::isUp()) {
                return [];
            }
            $assignments = $palette->assignments($run, $arrangement->through($i));
            $more = [];
            foreach ($made as $one) {
                foreach ($all ? $assignments : array_slice($assignments, 0, 1) as $assignment) {
                    $more[] = [
                        'cost' => $one['cost'] + $assignment['cost'] + 3 * count($assignment['cores']),
                        'cores' => [...$one['cores'], ...$assignment['cores']],
                        'types' => $assignment['type'] === null ? $one['types'] : [...$one['types'], $run->id() => $assignment['type']],
                        'arrangement' => $arrangement,
                    ];
                }
            }
            usort($more, fn (array $one, array $other) => $one['cost'] <=> $other['cost']);
            $made = array_slice($more, 0, $most);
        }

        return $made;
    }

    /**
     * @param  list<array{cost: int, cores: array<string, string>, types: array<string, CableType>, arrangement: Arrangement}>  $candidates
     * @return array{list<Plan>, bool, bool} whether one was left out because it is another scheme, and whether not all were looked at
     */
    private function accepted(array $candidates, bool $all): array
    {
        $passing = $disputed = [];
        $sawOther = false;
        $statesLeft = self::MOST_STATES;
        foreach ($candidates as $candidate) {
            if (count($passing) >= ($all ? self::MOST_PLANS : 1) || ($statesLeft <= 0 && $passing !== []) || TimeLimit::isUp()) {
                break;
            }
            $plan = $this->wired($candidate);
            $result = $plan->result;
            $statesLeft -= $result->evidence->table->count();
            $isAsked = in_array($this->scheme, [Requirements::ANY_SCHEME, $result->scheme()?->value], true);
            if (! self::isAcceptable($result) || ! $isAsked) {
                $sawOther = $sawOther || ! $isAsked;

                continue;
            }
            if (self::isDisputed($result)) {
                $disputed[$plan->identity()] ??= $plan;
            } else {
                $passing[$plan->identity()] ??= $plan;
            }
        }
        $plans = [...array_values($passing), ...array_values($disputed)];

        return [array_slice($plans, 0, $all ? self::MOST_PLANS : 1), $sawOther, $statesLeft <= 0 || TimeLimit::isUp()];
    }

    /** Nothing but notes, remarks of a dispute, and a box that is too small: that is the board's fault. */
    public static function isAcceptable(Result $result): bool
    {
        $allowed = [...self::DISPUTED, FindingCode::BoxOverfilled, FindingCode::SchemeNotAsAsked];
        $others = array_filter(
            $result->findings,
            fn (Finding $finding) => $finding->code->severity() !== Severity::Note && ! in_array($finding->code, $allowed, true),
        );

        return $others === [];
    }

    public static function isDisputed(Result $result): bool
    {
        return $result->verdict !== Verdict::Pass
            && array_filter($result->findings, fn (Finding $finding) => in_array($finding->code, self::DISPUTED, true)) !== [];
    }

    /** @return list<Shortage> */
    private function shortages(Search $search, RunGraph $graph, bool $linked): array
    {
        $has = $neverLine = [];
        $palette = new Palette($this->board);
        foreach ($graph->runs as $run) {
            $has[$run->id()] = $run->mostCores();
            $neverLine[$run->id()] = $palette->neverLine($run);
        }
        $name = match (true) {
            $linked => 'common-link',
            $this->scheme !== Requirements::ANY_SCHEME => $this->scheme,
            count($this->board->controls[0]->switches ?? []) > 1 => 'feed-through',
            default => 'single',
        };
        $shortages = [];
        foreach ($search->shortRuns() as $cable => [$needs, $hasNoneForNeutral]) {
            $shortages[] = new Shortage($name, (string) $cable, $has[$cable], $needs, $hasNoneForNeutral, $neverLine[$cable]);
        }

        return $shortages;
    }
}
