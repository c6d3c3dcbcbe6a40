<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\End;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\Hop;
use Zwindle\Circuit\Trace\HopKind;
use Zwindle\Circuit\Trace\PathEnd;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Plan\Plan;

/** The questions of a task on a board that is wired as planned; the same dice ask the same ones. */
final readonly class Questions
{
    private const EVERY_SWITCH_UP = 0;

    private const MOST_THROWS = 20;

    private Board $board;

    public function __construct(private Plan $plan, private Dice $dice)
    {
        $this->board = $plan->wiring->board;
    }

    /** @return list<Question> as many as the task asks, or as the board gives; none for a task of the hands */
    public function of(TaskFile $task): array
    {
        $all = match ($task->kind) {
            TaskKind::Names => $this->names(),
            TaskKind::Predict => $this->lamps(),
            TaskKind::Trace => $this->paths(),
            TaskKind::Parts => $this->parts(),
            default => [],
        };

        return $task->kind === TaskKind::Parts ? $all : $this->chosen($all, $task->questions);
    }

    /**
     * Which of them are asked is drawn at random; of which kinds they are is not, so that seats are asked the same kinds of things.
     *
     * @param  list<Question>  $all
     * @return list<Question>
     */
    private function chosen(array $all, int $most): array
    {
        $unthrown = self::dealt($all, $most);
        for ($throw = 0; $throw < self::MOST_THROWS; $throw++) {
            $thrown = self::dealt($this->dice->for("which $throw")->shuffled($all), $most);
            if (self::kindsOf($thrown) === self::kindsOf($unthrown)) {
                return $this->dice->for('order')->shuffled($thrown);
            }
        }

        return $unthrown;
    }

    /**
     * @param  list<Question>  $questions
     * @return array<string, int>
     */
    private static function kindsOf(array $questions): array
    {
        $kinds = array_count_values(array_map(fn (Question $question) => $question->kind->value, $questions));
        ksort($kinds);

        return $kinds;
    }

    /**
     * Of each kind in turn; and none whose answer another gives away.
     *
     * @param  list<Question>  $all
     * @return list<Question>
     */
    private static function dealt(array $all, int $most): array
    {
        $piles = [];
        foreach (QuestionKind::cases() as $kind) {
            $piles[] = array_values(array_filter($all, fn (Question $question) => $question->kind === $kind));
        }
        $piles = array_values(array_filter($piles));
        $dealt = [];
        while ($piles !== [] && count($dealt) < $most) {
            foreach ($piles as $i => $pile) {
                $next = $pile[0];
                array_shift($piles[$i]);
                $isGiven = array_filter($dealt, fn (Question $one) => $one->tells($next)) !== [];
                $dealt = $isGiven || count($dealt) >= $most ? $dealt : [...$dealt, $next];
            }
            $piles = array_values(array_filter($piles));
        }

        return $dealt;
    }

    public function bin(): Bin
    {
        return Bin::for($this->board, $this->dice->for('bin'));
    }

    /** @return list<Question> */
    private function names(): array
    {
        $questions = [];
        foreach ($this->board->devicesOf(DeviceKind::Switch) as $switch) {
            $common = $switch->model->withDuty(TerminalDuty::Common);
            if ($common !== []) {
                $contacts = array_map(fn ($terminal) => DevicePoint::id($switch->id, $terminal->name), $switch->model->contacts());
                // In no order that would tell.
                $shuffled = $this->dice->for("common $switch->id")->shuffled($contacts);
                $questions[] = new Question(
                    "common-$switch->id",
                    QuestionKind::Common,
                    $switch->id,
                    $shuffled,
                    [DevicePoint::id($switch->id, $common[0]->name)],
                );
            }
        }
        $lamps = array_map(fn (Device $lamp) => $lamp->enclosure, $this->board->devicesOf(DeviceKind::Lamp));
        foreach ($this->board->boxes() as $box) {
            $cables = array_map(fn ($cable) => $cable->id, $this->board->cablesIn($box->id));
            foreach ([[QuestionKind::FeedCable, [
                $this->board->supply()->enclosure,
            ]], [QuestionKind::LightCable, $lamps]] as [$kind, $ends]) {
                $ways = array_values(array_filter(
                    $cables,
                    fn (string $cable) => array_filter($ends, fn (string $end) => $this->leadsTo($box->id, $cable, $end)) !== [],
                ));
                // Where singles lie in one conduit, or a ring leads both ways, there is no one answer.
                if (count($cables) > 1 && count($ways) === 1 && ! in_array($box->id, $ends, true)) {
                    $questions[] = new Question("$kind->value-$box->id", $kind, $box->id, $cables, $ways);
                }
            }
        }

        return $questions;
    }

    /** Whether one comes from a box along a cable to another box without passing the first again. */
    private function leadsTo(string $box, string $cable, string $end): bool
    {
        $seen = [$box => true];
        $next = [$this->board->cables[$cable]->farFrom($box)];
        while (($here = array_pop($next)) !== null) {
            if ($here === $end) {
                return true;
            }
            $seen[$here] = true;
            foreach ($this->board->cablesIn($here) as $onward) {
                $far = $onward->farFrom($here);
                $next = isset($seen[$far]) ? $next : [...$next, $far];
            }
        }

        return false;
    }

    /** @return list<Question> one for each lamp in each state but the one that is given */
    private function lamps(): array
    {
        $table = $this->plan->result->evidence->table;
        $does = fn (string $lamp, int $state) => $table->tripIn($state) === null ? $table->lampIn($lamp, $state)->value : 'trip';
        $questions = [];
        foreach ($this->board->controls as $control) {
            foreach ($control->lamps as $lamp) {
                for ($state = self::EVERY_SWITCH_UP + 1; $state < $table->count(); $state++) {
                    $questions[] = new Question(
                        "lamp-$lamp-$state",
                        QuestionKind::Lamp,
                        $lamp,
                        ['on', 'off', 'dim', 'trip'],
                        [$does($lamp, $state)],
                        $table->positionsIn($state),
                        $does($lamp, self::EVERY_SWITCH_UP),
                    );
                }
            }
        }

        return $questions;
    }

    /** @return list<Question> one for each state in which a lamp is lit */
    private function paths(): array
    {
        $evidence = $this->plan->result->evidence;
        $questions = [];
        foreach ($evidence->circuit->lamps as $lamp) {
            for ($state = 0; $state < $evidence->table->count(); $state++) {
                $path = CurrentPath::towards($evidence->circuit, $lamp, $state);
                if ($path->end === PathEnd::Returns) {
                    $order = array_values(array_filter(array_map($this->passed(...), $path->hops)));
                    $questions[] = new Question(
                        "path-$lamp-$state",
                        QuestionKind::Path,
                        $lamp,
                        $this->dice->for("path $lamp $state")->shuffled($order),
                        $order,
                        $evidence->table->positionsIn($state),
                    );
                }
            }
        }

        return $questions;
    }

    /** A core by its name, a switch or lamp by its own; nothing for a joint, which the current does not choose. */
    private function passed(Hop $hop): ?string
    {
        return match ($hop->kind) {
            HopKind::Core => End::parse($hop->from)->ofCore(),
            HopKind::Contact, HopKind::Lamp => DevicePoint::deviceOf($hop->from),
            default => null,
        };
    }

    /** @return list<Question> */
    private function parts(): array
    {
        $bin = $this->bin();

        return array_map(
            fn (Device $switch) => new Question(
                "part-$switch->id",
                QuestionKind::Part,
                $switch->id,
                array_keys($bin->slots),
                $bin->fittingFor($switch->model->function),
            ),
            $this->board->devicesOf(DeviceKind::Switch),
        );
    }
}
