<?php

declare(strict_types=1);

namespace App\Queries\Drills;

use App\Files\ReadBoard;
use App\Models\Drill;
use App\Queries\Boards\Patterns;
use App\Services\KeptPlans;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Drill\DeviceLab;
use Zwindle\Drill\DrillKind;
use Zwindle\Drill\DrillQuestion;
use Zwindle\Drill\DropLab;
use Zwindle\Drill\FeedLab;
use Zwindle\Drill\JacketQuestions;
use Zwindle\Drill\Lab;
use Zwindle\Drill\LampQuestions;
use Zwindle\Exam\Vary\Dice;

/** What a drill is about: the same for its seed for ever. */
final readonly class DrillContent
{
    private const SWITCHES = [2, 4];

    public function __construct(private Patterns $patterns, private KeptPlans $plans)
    {
    }

    /** @throws \LogicException for a drill of questions */
    public function lab(Drill $drill): Lab
    {
        $dice = new Dice($drill->seed);

        return match ($drill->kindOf()) {
            DrillKind::Device => DeviceLab::of($dice),
            DrillKind::Feed => FeedLab::of($dice, $drill->practiceOf()),
            DrillKind::Drop => DropLab::of($dice, $drill->practiceOf()),
            default => throw new \LogicException('Nothing is measured there'),
        };
    }

    /** @return list<DrillQuestion> */
    public function questions(Drill $drill): array
    {
        $dice = new Dice($drill->seed);
        if ($drill->kindOf() === DrillKind::Jacket) {
            return JacketQuestions::of($dice, $drill->practiceOf());
        }
        $board = $this->board($drill);
        $plan = $board === null ? null : $this->plans->best($board);

        return $plan === null ? [] : LampQuestions::of($dice, $plan->result->evidence->circuit, $plan->result->evidence->table);
    }

    /** The board that a drill of lamps is about, one of the patterns of its practice; null where there is none. */
    public function board(Drill $drill): ?Board
    {
        $boards = [];
        foreach ($this->patterns->keys() as $key) {
            if (str_starts_with($key, "$drill->practice-")) {
                $board = (new ReadBoard)->undecided((string) $this->patterns->text($key));
                $count = count($board->devicesOf(DeviceKind::Switch));
                if ($count >= self::SWITCHES[0] && $count <= self::SWITCHES[1] && count($board->controls) === 1) {
                    $boards[] = $board;
                }
            }
        }

        return $boards === [] ? null : (new Dice($drill->seed))->for('board')->shuffled($boards)[0];
    }
}
