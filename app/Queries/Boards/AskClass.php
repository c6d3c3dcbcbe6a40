<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use App\Exceptions\NotThere;
use App\Models\BoardFile;
use App\Wording\Region;
use Zwindle\Proving\Misconceptions\BestQuestion;
use Zwindle\Proving\Misconceptions\ClassQuestion;

/** The flip of a planned board that a room is asked about next. */
final readonly class AskClass
{
    /** Switches of a board of which every flip is looked at. */
    private const MOST_SWITCHES = 8;

    public function __construct(private PlanBoardFile $planner)
    {
    }

    /**
     * @param  list<array{int, string}>  $asked  state before the flip, and switch: those that were asked before
     * @return array{question: ClassQuestion|null, practice: string}
     */
    public function execute(BoardFile $file, int $plan, array $asked): array
    {
        $found = $this->planner->plan($file, $plan, null) ?? throw new NotThere;
        $evidence = $found->result->evidence;
        $circuit = $evidence->circuit;
        $known = array_values(array_filter(
            $asked,
            fn (array $one) => $one[0] < $circuit->stateCount() && in_array($one[1], $circuit->switches, true),
        ));
        $isSmall = count($circuit->switches) <= self::MOST_SWITCHES;

        return [
            'question' => $isSmall ? (new BestQuestion($circuit, $evidence->table))->after($known) : null,
            'practice' => Region::of($file->drawing()->practice),
        ];
    }
}
