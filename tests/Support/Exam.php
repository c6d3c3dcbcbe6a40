<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Bench\BeginExam;
use App\Actions\Tasks\SetTask;
use App\Actions\Tasks\StoreTask;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\Marking;
use App\Models\Task;
use App\Models\User;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Plan\Planner;

/** A task set to a class of three, for feature tests. */
final class Exam
{
    public readonly User $instructor;

    /** @var list<User> */
    public readonly array $trainees;

    public readonly Classroom $classroom;

    public readonly Task $task;

    public readonly Assignment $assignment;

    /** @param  array<string, mixed>  $change  laid over a task to wire in an exam */
    public function __construct(
        string $board = 'database/patterns/na-08-station-fed-at-the-first-switch.board.json',
        array $change = [],
        ?string $marking = null,
    ) {
        $this->instructor = People::user('instructor');
        $this->trainees = [People::user('trainee'), People::user('trainee'), People::user('trainee')];
        $this->classroom = Classroom::create(['instructor_id' => $this->instructor->id, 'name' => 'Exam class']);
        $this->classroom->trainees()->attach(array_column($this->trainees, 'id'));
        $json = self::json($change);
        $isWired = in_array(json_decode($json)->kind, ['wire', 'finish'], true);
        $this->task = app(StoreTask::class)->execute(
            $this->instructor,
            self::boardFile($board),
            self::marking($marking ?? ($isWired ? 'wiring' : 'answers')),
            $json,
        );
        $this->assignment = app(SetTask::class)->execute($this->task, $this->classroom, array_column($this->trainees, 'id'), 6);
    }

    /**
     * The same task as a request carries it: what is an object in the file stays one.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    public static function sent(array $change = []): array
    {
        return (array) json_decode(self::json($change));
    }

    /** @param  array<string, mixed>  $change */
    public static function json(array $change = []): string
    {
        return (string) json_encode([
            'format' => 'zwindle-task',
            'version' => 1,
            'title' => 'Evening exam',
            'kind' => 'wire',
            'mode' => 'exam',
            'minutes' => 15,
            'brief' => 'Wire it.',
            ...$change,
        ]);
    }

    public static function boardFile(string $path): BoardFile
    {
        $json = Files::text($path);

        return BoardFile::create(['title' => basename($path), 'practice' => json_decode($json)->practice, 'brief' => '', 'json' => $json]);
    }

    public static function marking(string $name): Marking
    {
        return Marking::factory()->named($name)->create();
    }

    public function attempt(int $seat = 1): Attempt
    {
        return $this->assignment->attempts()->where('seat', $seat)->firstOrFail();
    }

    /** The same when its trainee has begun. */
    public function begun(int $seat = 1): Attempt
    {
        app(BeginExam::class)->execute($this->attempt($seat));

        return $this->attempt($seat);
    }

    /** The right wiring of a seat. */
    public function right(int $seat = 1): Wiring
    {
        return Planner::plan($this->attempt($seat)->board())->plans[0]->wiring;
    }

    /** @return array<string, mixed> body of a request with the steps that make a wiring */
    public static function steps(Wiring $wiring): array
    {
        return People::batch(WiringAsSteps::of($wiring));
    }

    /** @return list<string> what no trainee in an exam may read: terminals, models, schemes */
    public static function secrets(): array
    {
        $words = [
            'feed-through',
            'dead-end',
            'light-fed',
            'common-link',
            'scheme',
            'seed',
            'traveller',
            'traveler',
            'strapper',
            'switched-line',
            'answer key',
            '"right"',
            'verdict":"',
        ];
        foreach (DeviceCatalogue::all() as $model) {
            $words[] = $model->id;
            foreach ($model->terminals as $terminal) {
                $words[] = ".$terminal->name\"";
            }
        }

        return array_values(array_diff(array_unique($words), ['.earth"']));
    }
}
