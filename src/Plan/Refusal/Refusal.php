<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Board\Board;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Editions\NeutralRule;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Search\TimeLimit;

/** The whole truth of why a board cannot be wired: the rule that asks for what is missing, and everything that would do instead. */
final readonly class Refusal
{
    /** @param  list<Alternative>  $ways  the smallest change first */
    public function __construct(
        public ?AskedBy $askedBy = null,
        public BoardChange $change = new BoardChange,
        public array $ways = [],
    ) {
    }

    /** @param  Planning  $planning  what the planner came to for this board, scheme and edition */
    public static function of(Planning $planning, Board $board, ?string $scheme = null, ?CodeEdition $edition = null): self
    {
        if ($planning->plans !== [] || in_array($planning->reason, [NoPlan::WrongParts, NoPlan::NotFinished], true)) {
            return new self;
        }
        $change = CableChange::of($planning, $board, $scheme, $edition);
        $ways = $change->isNone() ? [] : [Alternative::cables($change)];
        $asks = $board->requirements;
        $isAsked = self::asksForNeutral($asks, $edition ?? $board->edition);
        $isNeutral = $isAsked && self::canBe(self::without($board), $scheme, $edition);
        if ($isNeutral) {
            $ways[] = Alternative::noNeutral();
        }
        $other = $isNeutral && $asks->neutralAtSwitches === Requirements::NEUTRAL_BY_CODE
            ? self::otherEdition($board, $scheme, $edition ?? $board->edition)
            : null;
        if ($other !== null) {
            $ways[] = Alternative::edition($other);
        }
        $insisted = $scheme ?? $asks->scheme;
        $isScheme = $insisted !== Requirements::ANY_SCHEME && self::canBe($board, Requirements::ANY_SCHEME, $edition);
        if ($isScheme) {
            $ways[] = Alternative::anyScheme();
        }

        return new self(match (true) {
            $isNeutral => $asks->neutralAtSwitches === Requirements::NEUTRAL_BY_CODE ? AskedBy::NeutralByCode : AskedBy::NeutralByBoard,
            $isScheme => AskedBy::Scheme,
            default => null,
        }, $change, $ways);
    }

    private static function asksForNeutral(Requirements $asks, CodeEdition $edition): bool
    {
        return match ($asks->neutralAtSwitches) {
            Requirements::NEUTRAL_IN_EVERY_BOX => true,
            Requirements::NEUTRAL_BY_CODE => $edition->neutralAtSwitches !== NeutralRule::None,
            default => false,
        };
    }

    private static function without(Board $board): Board
    {
        return $board->with([], new Requirements($board->requirements->scheme, 'none', $board->requirements->earths));
    }

    private static function canBe(Board $board, ?string $scheme, ?CodeEdition $edition): bool
    {
        return ! TimeLimit::isUp() && Planner::plan($board, $scheme, edition: $edition)->plans !== [];
    }

    /** The newest edition by which it can be wired. */
    private static function otherEdition(Board $board, ?string $scheme, CodeEdition $own): ?CodeEdition
    {
        foreach (array_reverse(Editions::of($board->practice)) as $edition) {
            if ($edition->id !== $own->id && self::canBe($board, $scheme, $edition)) {
                return $edition;
            }
        }

        return null;
    }
}
