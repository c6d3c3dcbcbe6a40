<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use Zwindle\Board\Board;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;

/** What the planner says of a drawing as it stands: its problems, or its plan and which schemes would work. */
final class ReviewDrawing
{
    private const SCHEMES = [SchemeName::FeedThrough, SchemeName::DeadEnd, SchemeName::LightFed, SchemeName::CommonLink];

    /** With one switch a light there is only one scheme, or being fed at the light. */
    private const SINGLE_SCHEMES = [SchemeName::Single, SchemeName::LightFed];

    /**
     * @return array{problems: list<Problem>, names: array<string, string>, board: Board|null, planning: Planning|null, refusal: Refusal,
     *     schemes: array<string, Planning>}
     */
    public function execute(string $text): array
    {
        $problems = new Problems;
        $board = BoardReader::read($text, $problems);
        if ($board === null || $board->controls === []) {
            return [
                'problems' => $problems->all(),
                'names' => self::names($text),
                'board' => $board,
                'planning' => null,
                'refusal' => new Refusal,
                'schemes' => [],
            ];
        }
        $planning = Planner::plan($board);
        $hasSeveral = max(array_map(fn ($control) => count($control->switches), $board->controls)) > 1;
        $schemes = Planner::bySchemes($board, $hasSeveral ? self::SCHEMES : self::SINGLE_SCHEMES);

        return [
            'problems' => [],
            'names' => [],
            'board' => $board,
            'planning' => $planning,
            'refusal' => Refusal::of($planning, $board),
            'schemes' => $schemes,
        ];
    }

    /** @return array<string, string> ids of boxes → their labels, even of a drawing with problems */
    private static function names(string $text): array
    {
        $names = [];
        $boxes = json_decode($text, true)['enclosures'] ?? [];
        foreach (is_array($boxes) ? $boxes : [] as $box) {
            if (is_string($box['id'] ?? null) && is_string($box['label'] ?? null) && $box['label'] !== '') {
                $names[$box['id']] = $box['label'];
            }
        }

        return $names;
    }
}
