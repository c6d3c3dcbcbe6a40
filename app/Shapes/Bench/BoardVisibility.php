<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use App\Models\Attempt;
use App\Models\User;
use Zwindle\Bench\Look;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Hunt\FaultHunt;

/**
 * What of a board goes to a browser, by kind of task and moment. Every resource asks here and adds nothing.
 *
 * A board that is wired is seen on the bench. Where a lamp or a path is asked for it is seen standing, wired right. Where parts are
 * chosen its boxes and runs are seen and nothing in them; where screws and cables are named it is not seen at all: its faces and the
 * flags of its ends are the answers. Where a fault is to be found a box shows what is in it once its cover is off.
 */
final readonly class BoardVisibility
{
    private TaskKind $kind;

    public function __construct(private Attempt $attempt, private ?User $viewer)
    {
        $this->kind = $attempt->assignment->kind();
    }

    /** Nothing at all before the trainee has begun an exam. */
    public function isToBegin(): bool
    {
        return $this->attempt->isToBegin($this->viewer);
    }

    /** @return array<string, mixed> the bench; before it may be seen there is nothing on it but the tray */
    public function bench(Board $board): array
    {
        return (new BenchShape($board))->name($this->kind->isWired() && ! $this->isToBegin() ? Look::of($board) : [
            'enclosures' => [],
            'cables' => [],
        ]);
    }

    /**
     * A board with a fault to be found: what is in a box is seen once its cover is off, and from outside what its cover shows.
     *
     * @return array{board: array<string, mixed>, start: list<array<string, mixed>>} with the steps that make what is seen
     */
    public function opened(FaultHunt $hunt): array
    {
        if ($this->isToBegin()) {
            return ['board' => $this->bench($hunt->placed->right->board), 'start' => []];
        }
        $look = $hunt->board->look;
        $opened = $hunt->opened();
        $shut = Look::of($look->board)['enclosures'];
        $seen = Look::of($look->board, $look->fitted);
        foreach ($seen['enclosures'] as $i => $box) {
            if (! in_array($box['id'], $opened, true)) {
                $faces = array_map(fn (array $device) => [...$device, 'landings' => [], 'print' => ''], $shut[$i]['devices']);
                $seen['enclosures'][$i] = [...$box, 'ends' => [], 'earth' => null, 'devices' => $faces];
            }
        }
        $isOpen = fn (string $point) => in_array($look->points[$point]->enclosure, $opened, true);

        return [
            'board' => (new BenchShape($look->board))->name($seen),
            'start' => WiringAsSteps::of(Wiring::of(
                $look->board,
                array_values(array_filter($look->joints, fn (Joint $joint) => in_array($joint->enclosure, $opened, true))),
                array_values(array_filter($look->caps, $isOpen)),
                array_filter($look->marks, $isOpen, ARRAY_FILTER_USE_KEY),
                $look->fitted,
            )),
        ];
    }

    /** @return array<string, mixed>|null the board beside the questions */
    public function beside(Board $wired): ?array
    {
        return match (true) {
            $this->isStanding() => self::look($wired),
            $this->hasBin() => self::emptyBoxes($wired),
            default => null,
        };
    }

    /** Whether the board is shown wired right beside the questions. */
    public function isStanding(): bool
    {
        return ! $this->isToBegin() && in_array($this->kind, [TaskKind::Predict, TaskKind::Trace], true);
    }

    public function hasBin(): bool
    {
        return ! $this->isToBegin() && $this->kind === TaskKind::Parts;
    }

    /** Whether the file that a board came from may be named: in an exam it would distinguish it from one that was practised before. */
    public function mayKnowFile(): bool
    {
        return ! $this->attempt->assignment->isExam()
            || ($this->viewer?->isInstructor() ?? false)
            || $this->attempt->isReleased();
    }

    /** @return array<string, mixed> boxes and runs as they hang on the wall, closed: what belongs in them is the question */
    private static function emptyBoxes(Board $board): array
    {
        $look = Look::of($board);

        return (new BenchShape($board))->name([
            ...$look,
            'enclosures' => array_map(fn (array $box) => [...$box, 'ends' => [], 'devices' => [], 'earth' => null], $look['enclosures']),
        ]);
    }

    /** @return array<string, mixed> */
    private static function look(Board $board): array
    {
        return (new BenchShape($board))->name(Look::of($board));
    }
}
