<?php

declare(strict_types=1);

namespace Zwindle\Drill;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Exam\Vary\Dice;

/** What the lamp does for these positions, when it is known what it does for others. */
final class LampQuestions
{
    private const COUNT = 6;

    /** @return list<DrillQuestion> on a board with a switch and a lamp at least */
    public static function of(Dice $dice, Circuit $circuit, TruthTable $table): array
    {
        $questions = [];
        $lamp = $circuit->lamps[0];
        for ($i = 0; $i < self::COUNT; $i++) {
            $own = $dice->for("question $i");
            $known = $own->for('known')->throw($table->count());
            $asked = ($known + 1 + $own->for('asked')->throw($table->count() - 1)) % $table->count();
            $questions[] = new DrillQuestion(
                'lamp',
                [
                    'lamp' => $lamp,
                    'known' => $table->positionsIn($known),
                    'knownOn' => $table->lamps[$lamp][$known] === '1',
                    'asked' => $table->positionsIn($asked),
                ],
                ['on', 'off'],
                $table->lamps[$lamp][$asked] === '1' ? 'on' : 'off',
            );
        }

        return $questions;
    }
}
