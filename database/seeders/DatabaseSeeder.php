<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Bench\HandIn;
use App\Actions\Bench\KeepSteps;
use App\Actions\Boards\LearnWays;
use App\Actions\Classes\SetAssignment;
use App\Actions\Evenings\StoreEvening;
use App\Actions\Tasks\StoreTask;
use App\Files\ReadBoard;
use App\Models\Assignment;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\Marking;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\File;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** A made-up evening class: a nursery's propagation houses and a canal museum's sheds. */
final class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'lights-on';

    private const SECONDS_TO_LEARN = 30.0;

    /** Trainee → board → wiring handed in; a wiring with a number of steps is still being worked on. */
    private const WORK = [
        'odalys' => [
            'propagation-house' => 'right',
            'tool-locker' => 'neutral-switched',
            'boat-store' => 'right',
            'towpath-workshop' => 'pair-split',
            'packing-barn' => 'right',
            'seed-store' => 'return-on-white',
            'three-sheds' => 'fed-from-the-switched-block',
        ],
        'bertil' => [
            'propagation-house' => 'crossed',
            'tool-locker' => 'right',
            'boat-store' => 'drop-in-neutral-block',
            'towpath-workshop' => 'right',
            'packing-barn' => 'pair-split',
            'seed-store' => 'right',
            'three-sheds' => 'right',
        ],
        'imara' => [
            'propagation-house' => 'open-neutral',
            'tool-locker' => 'always-lit',
            'boat-store' => 'unsleeved',
            'towpath-workshop' => 'com-on-strapper',
            'packing-barn' => 'ground-off',
            'seed-store' => 'crossed',
            'three-sheds' => 'reversed-in-the-paint-shed',
        ],
        'tamsin' => ['propagation-house' => 7, 'boat-store' => 4],
        'quill' => [],
    ];

    private const NAMES = [
        'odalys' => 'Odalys Wrenfield',
        'bertil' => 'Bertil Osk',
        'imara' => 'Imara Dunlow',
        'tamsin' => 'Tamsin Vey',
        'quill' => 'Quill Arden',
    ];

    public function run(): void
    {
        $this->call(HouseSeeder::class);
        $instructor = User::query()->create([
            'name' => 'Marit Halloway',
            'username' => 'marit',
            'role' => 'instructor',
            'password' => self::PASSWORD,
        ]);
        $classroom = Classroom::query()->create(['instructor_id' => $instructor->id, 'name' => 'Tuesday evening, first year']);
        $trainees = [];
        foreach (self::NAMES as $username => $name) {
            $trainees[$username] = User::query()->create([
                'name' => $name,
                'username' => $username,
                'role' => 'trainee',
                'password' => self::PASSWORD,
            ]);
        }
        $classroom->trainees()->attach(array_map(fn (User $trainee) => $trainee->id, array_values($trainees)));
        foreach ([
            'propagation-house' => null,
            'tool-locker' => null,
            'boat-store' => null,
            'towpath-workshop' => null,
            'packing-barn' => 15,
            'seed-store' => null,
            'three-sheds' => null,
        ] as $slug => $minutes) {
            $assignment = (new SetAssignment)->execute($classroom, self::boardFile($instructor, $slug), array_column($trainees, 'id'), $minutes);
            foreach (self::WORK as $username => $work) {
                if (isset($work[$slug])) {
                    $this->work($assignment, $trainees[$username], $slug, $work[$slug]);
                }
            }
        }
        self::library($instructor);
        self::evening($instructor, $classroom, array_column($trainees, 'id'));
        app(LearnWays::class)->execute(self::SECONDS_TO_LEARN);
    }

    /**
     * An exam that is planned for an evening and not set yet: four stations, one of them of wood and copper.
     *
     * @param  list<int>  $trainees
     */
    private static function evening(User $instructor, Classroom $classroom, array $trainees): void
    {
        $board = BoardFile::query()->where('title', 'Propagation house, path light')->firstOrFail();
        $marking = Marking::query()->where('title', 'House marking: a real board at a station')->firstOrFail();
        $task = app(StoreTask::class)->execute($instructor, $board, $marking, (string) json_encode([
            'format' => 'zwindle-task', 'version' => 1, 'title' => 'Fifteen-minute practical', 'kind' => 'wire', 'mode' => 'exam',
            'minutes' => 15, 'brief' => 'Wire the path light for both switches. Neat, tight, nothing bare.',
            'varying' => ['feed', 'faces', 'labels'], 'seed' => 'first practical',
        ]));
        $stations = array_map(fn (int $i) => [
            'id' => "T$i",
            'label' => ['By the door', 'At the saw', 'By the window', 'Under the clock'][$i - 1],
            'x' => [16, 40, 64, 86][$i - 1],
            'y' => [30, 30, 30, 66][$i - 1],
            'surface' => $i === 4 ? 'board' : 'screen',
            'nextTo' => $i === 2 || $i === 3 ? ['T'.($i - 1)] : [],
        ], range(1, 4));
        app(StoreEvening::class)->execute($classroom, $task, 'Fifteen-minute practical', null, [
            'minutes' => 15, 'changeover' => 3, 'variants' => 4, 'stations' => $stations,
            'people' => array_map(fn (int $trainee, int $i) => [
                'trainee' => $trainee, 'extraPercent' => $i === 2 ? 25 : 0, 'notBefore' => 0,
            ], $trainees, array_keys($trainees)),
            'retests' => [], 'breaks' => [], 'fixed' => [],
        ], $instructor);
    }

    /** Boards of the library that are not set yet. */
    private static function library(User $instructor): void
    {
        foreach (File::glob(database_path('demo-library/*.board.json')) as $path) {
            $json = File::get($path);
            $board = (new ReadBoard)->undecided($json);
            BoardFile::query()->create([
                'instructor_id' => $instructor->id,
                'title' => $board->title,
                'practice' => $board->practice->id,
                'brief' => trim(File::get(str_replace('.board.json', '.txt', $path))),
                'json' => $json,
            ]);
        }
    }

    private static function boardFile(User $instructor, string $slug): BoardFile
    {
        $json = self::text("$slug/board.json");
        $board = (new ReadBoard)->execute($json);

        return BoardFile::query()->create([
            'instructor_id' => $instructor->id,
            'title' => $board->title,
            'practice' => $board->practice->id,
            'brief' => trim(self::text("$slug/brief.txt")),
            'json' => $json,
        ]);
    }

    private function work(Assignment $assignment, User $trainee, string $slug, string|int $work): void
    {
        $board = (new ReadBoard)->execute(self::text("$slug/board.json"));
        $wiring = WiringReader::read(self::text("$slug/".(is_int($work) ? 'right' : $work).'.wiring.json'), $board, new Problems)
            ?? throw new \LogicException("Demo wiring of $slug does not read");
        $steps = WiringAsSteps::of($wiring);
        $steps = is_int($work) ? array_slice($steps, 0, $work) : $steps;
        $attempt = $assignment->attempts()->where('trainee_id', $trainee->id)->firstOrFail();
        $start = CarbonImmutable::now()->subMinutes(is_int($work) ? 4 : 40);
        $attempt->update(['started_at' => $start]);
        $batch = [];
        foreach ($steps as $i => $step) {
            $batch[] = ['number' => $i + 1, 'at' => $start->addSeconds(15 * $i), 'step' => $step];
        }
        $attempt->update(['started_at' => null]);
        app(KeepSteps::class)->execute($attempt, "demo-$trainee->username", 0, $batch);
        $attempt->update(['started_at' => $start]);
        if (is_string($work)) {
            app(HandIn::class)->execute($attempt);
        }
    }

    private static function text(string $path): string
    {
        return (string) file_get_contents(database_path("demo/$path"));
    }
}
