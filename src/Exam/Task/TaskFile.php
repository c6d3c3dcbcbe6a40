<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Exam\Vary\Surface;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Plan\StepOrder;
use Zwindle\Repair\Mistake\MistakeKind;

/** What is asked on a board, how, and what counts. */
final readonly class TaskFile
{
    /**
     * @param  int|null  $minutes  null: no limit
     * @param  list<Help>  $help  that is allowed
     * @param  int  $tries  hand-ins
     * @param  CountedTry  $counts  which of them counts
     * @param  StepOrder|null  $order  of work that is judged; null: it is not
     * @param  array<string, string>  $positions  dispute → where the task stands on it
     * @param  list<VariedAspects>  $varying  what differs from seat to seat
     * @param  list<string>  $done  boxes that are wired already, for a board to finish
     * @param  int  $questions  how many are asked, where there are answers
     * @param  bool  $isFromAsFound  whether what the instructor took down of the standing board stands already
     * @param  Surface  $surface  where the boards of the seats are
     * @param  ProvingNeed  $proving  how far the board is tested
     * @param  int  $faults  that are put into each board, where they are to be found
     * @param  list<MistakeKind>  $faultKinds  that are put in; none: any
     * @param  list<string>  $dropped  codes of rules that a stored task weighs and that are faults by now
     */
    public function __construct(
        public string $title,
        public TaskKind $kind,
        public TaskMode $mode,
        public string $brief = '',
        public ?int $minutes = null,
        public RulesInForce $rules = new RulesInForce,
        public array $help = [],
        public int $tries = 1,
        public ?StepOrder $order = null,
        public array $positions = [],
        public array $varying = [],
        public string $seed = '',
        public array $done = [],
        public int $questions = 4,
        public bool $isFromAsFound = false,
        public Surface $surface = Surface::Screen,
        public array $dropped = [],
        public ProvingNeed $proving = ProvingNeed::Free,
        public int $faults = 1,
        public array $faultKinds = [],
        public CountedTry $counts = CountedTry::Best,
    ) {
    }

    public function allows(Help $help): bool
    {
        return in_array($help, $this->help, true);
    }
}
