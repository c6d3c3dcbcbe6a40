<?php

declare(strict_types=1);

namespace Tests\Rehearsal;

use App\Actions\Bench\HandInEveryOverdue;
use App\Models\Attempt;
use App\Models\Evening;
use App\Models\User;
use Database\Seeders\HouseSeeder;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Tests\Support\Files;
use Tests\Support\People;
use Tests\TestCase;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;

/**
 * One evening of an instructor who makes everything herself: a class from a pasted list, a board of chance, a task in exactly the shape
 * that the task screen sends, set directly or by an evening; sat, handed in, inspected, changed by hand, marked again, released and read.
 * Everything goes through the API, and is checked at each step.
 */
final class Journey
{
    private Chance $chance;

    private User $instructor;

    /** @var array{id: int, name: string} */
    private array $classroom;

    /** @var list<array<string, mixed>> sign-in slips */
    private array $people;

    /** @var array<string, mixed> the task as it was set */
    private array $task = [];

    private int $assignment = 0;

    private ?int $evening = null;

    /** @var array<int, string> attempt → how it was worked: right, wrong, half, bare */
    public array $worked = [];

    /** @param  string  $how  `practice`, `exam` or `evening` */
    public function __construct(
        private readonly TestCase $test,
        private readonly int $seed,
        private readonly string $kind,
        private readonly string $how,
    ) {
        $this->chance = new Chance($seed);
    }

    public function run(): void
    {
        $this->test->seed(HouseSeeder::class);
        $this->instructor = People::user('instructor');
        $this->makeClass();
        $this->makeTaskAndSet();
        $this->how === 'evening' && $this->openTheDoor();
        $attempts = $this->seats();
        $this->openEverySeat($attempts);
        $this->start($attempts);
        foreach ($this->seats() as $attempt) {
            $this->work($attempt);
        }
        $this->finish();
        $this->checkJudgements();
        $this->inspect();
        $this->changeByHand();
        $this->markAgain();
        $this->seenBefore();
        $this->release();
        $this->pagesAgree();
    }

    private function makeClass(): void
    {
        $this->classroom = $this->as($this->instructor)->post('api/classrooms', ['name' => "Group $this->seed, {$this->chance->one(['first', 'second'])} year"], 201);
        $rows = [];
        for ($i = 0, $many = $this->chance->number(2, 3); $i < $many; $i++) {
            // Two of one name now and then, told apart by their numbers.
            $rows[] = [$this->chance->one(['Ashe', 'Birk', 'Coll']), $this->chance->one(['Ida', 'Jon', 'Kay']), (string) (1000 * $this->seed + $i)];
        }
        $order = $this->chance->shuffled([0, 1, 2]);
        $heads = ['Surname', 'First name', $this->chance->one(['Student ID', 'No.', 'Matricule'])];
        $line = fn (array $cells) => implode("\t", array_map(fn (int $i) => $cells[$i], $order));
        $text = implode("\n", array_map($line, [$heads, ...$rows]));
        $read = $this->post("api/classrooms/{$this->classroom['id']}/roster", ['text' => $text], 200)['rows'];
        Assert::assertSame(array_map(fn (array $row) => ["$row[1] $row[0]", $row[2], null], $rows), array_map(
            fn (array $row) => [$row['name'], $row['number'], $row['fault']],
            $read,
        ), 'the pasted list');
        $this->people = $this->post("api/classrooms/{$this->classroom['id']}/trainees", ['trainees' => array_map(
            fn (array $row) => ['name' => $row['name'], 'number' => $row['number'], 'extraPercent' => $this->chance->one([0, 0, 25])],
            $read,
        )], 201)['slips'];
    }

    /** What a trial finds nothing against can be set, and what it refuses cannot. */
    private function makeTaskAndSet(): void
    {
        for ($tries = 0; $tries < 12; $tries++) {
            $practice = $this->chance->one(['na', 'gb']);
            $board = $this->post('api/board-files', RandomBoard::of($this->chance, $practice), 201)['id'];
            $words = $this->get("api/board-files/$board/task-words");
            $this->task = RandomTask::of($this->chance, $this->fixture(), $words, $this->how === 'practice' ? 'coached' : 'exam');
            $isWired = in_array($this->kind, ['wire', 'finish'], true);
            $markings = array_values(array_filter(
                $this->get('api/markings'),
                fn (array $one) => (($one['marking']['points']['answers'] ?? 0) > 0) !== $isWired,
            ));
            $what = ['boardFile' => $board, 'marking' => $this->chance->one($markings)['id'], 'task' => (array) json_decode((string) json_encode($this->task))];
            $trial = $this->post('api/task-trials', [...$what, 'seats' => count($this->people), 'row' => 6], 200);
            Assert::assertSame([], $trial['problems'], 'what the screen sends has no problems');
            $isFew = ($trial['spread']['refusal'] ?? '') !== '';
            $task = $this->post('api/tasks', $what, 201)['id'];
            $isRefused = $isFew || $trial['refusals'] !== [] || $trial['spread'] === null;
            if ($this->set($task, $isRefused)) {
                return;
            }
        }
        throw new \LogicException("Seed $this->seed: nothing could be set.");
    }

    private function set(int $task, bool $isRefused): bool
    {
        $body = ['classroom' => $this->classroom['id'], 'trainees' => array_column($this->people, 'id')];
        if ($this->how !== 'evening') {
            $answer = $this->ask('POST', "api/tasks/$task/assignments", [...$body, 'row' => 6]);
            Assert::assertSame($isRefused ? 422 : 201, $answer->status(), 'as its trial said: '.$answer->getContent());
            $this->assignment = (int) ($answer->json('id') ?? 0);

            return ! $isRefused;
        }
        $stations = $this->chance->number(1, 3);
        $retests = $this->chance->is(40) ? [$this->people[0]['id']] : [];
        $draft = [
            'classroom' => $this->classroom['id'], 'task' => $task, 'title' => "Evening $this->seed", 'startsAt' => null,
            'minutes' => $this->task['minutes'] ?? 15, 'changeover' => 2, 'variants' => $retests === [] ? 1 : 2,
            'stations' => array_map(fn (int $i) => [
                'id' => "T$i", 'label' => "Bench $i", 'x' => 20 * $i, 'y' => 30, 'nextTo' => [],
                // Real boards are wired; what is answered or searched for is on a screen.
                'surface' => in_array($this->kind, ['wire', 'finish'], true) ? $this->chance->one(['screen', 'screen', 'board']) : 'screen',
            ], range(1, $stations)),
            'people' => array_map(fn (array $one) => ['trainee' => $one['id'], 'extraPercent' => $this->chance->one([0, 25]), 'notBefore' => $this->chance->one([0, 0, 5])], $this->people),
            'retests' => $retests, 'breaks' => [], 'fixed' => [],
        ];
        $this->evening = $this->post('api/evenings', $draft, 201)['id'];
        $answer = $this->ask('POST', "api/evenings/$this->evening/set");
        if ($answer->status() === 422) {
            // One variant does for an evening: what more seats would need is not asked for.
            return false;
        }
        Assert::assertSame(200, $answer->status(), (string) $answer->getContent());
        $this->assignment = (int) $answer->json('assignment');

        return true;
    }

    private function openTheDoor(): void
    {
        $evening = Evening::query()->findOrFail($this->evening);
        $again = Attempt::query()->where('assignment_id', $evening->retest_assignment_id)->get();
        Assert::assertSame($evening->draft['retests'], $again->pluck('trainee_id')->all(), 'a second seat for who sits again');
        foreach ($evening->attempts() as $attempt) {
            $this->as($attempt->trainee)->ask('POST', "api/attempts/$attempt->id/begin")->assertUnprocessable();
        }
        $this->as($this->instructor)->post("api/assignments/$this->assignment/moves", ['move' => 'open'], 200);
    }

    /** @param  list<Attempt>  $attempts */
    private function openEverySeat(array $attempts): void
    {
        Assert::assertCount(count($this->people), $attempts, 'a seat for everybody');
        foreach ($attempts as $attempt) {
            $this->as($attempt->trainee)->get("api/attempts/$attempt->id".$this->page());
            $this->get('api/attempts');
        }
    }

    /** @param  list<Attempt>  $attempts */
    private function start(array $attempts): void
    {
        if ($this->how === 'evening') {
            // Who has opened a seat and gone away again is not there.
            $this->test->travel(2)->minutes();
            $here = $this->chance->some($attempts, 60);
            foreach ($here as $attempt) {
                $this->as($attempt->trainee)->get("api/attempts/$attempt->id/clock");
            }
            $this->as($this->instructor);
            $told = $this->post("api/assignments/$this->assignment/moves", ['move' => 'start'], 200);
            $begun = array_map(fn (Attempt $one) => $one->id, array_filter($this->seats(), fn (Attempt $one) => $one->started_at !== null));
            Assert::assertSame([], array_diff($begun, array_map(fn (Attempt $one) => $one->id, $here)), 'nobody is started who is not here');
            Assert::assertCount($told['moved'], $begun);
            Assert::assertCount(count($attempts) - count($begun), $told['waits'], 'who waits is named');
            $this->get("api/evenings/$this->evening/wall");
        }
        foreach ($this->how === 'practice' ? [] : $this->seats() as $attempt) {
            if ($attempt->started_at !== null) {
                continue;
            }
            $attempt->is_on_board
                ? $this->as($this->instructor)->post("api/attempts/$attempt->id/moves", ['move' => 'start'], 200)
                : $this->as($attempt->trainee)->post("api/attempts/$attempt->id/begin", [], 204);
        }
    }

    private function work(Attempt $attempt): void
    {
        $how = $this->chance->one(['right', 'right', 'wrong', 'half', 'bare']);
        $work = new SeatWork($this->chance, $attempt, $how);
        $this->worked[$attempt->id] = $how === 'wrong' && ! $work->canBeWrong() ? 'half' : $how;
        $uri = "api/attempts/$attempt->id";
        match (true) {
            $this->page() === '/questions' => array_map(
                fn (array $answer) => $this->as($attempt->trainee)->post("$uri/answers", $answer, 204, 'PUT'),
                $work->answers(),
            ),
            $this->kind === 'fault' => array_map(
                fn (array $act) => $this->as($attempt->trainee)->post("$uri/proof/acts", $act, 200),
                $work->acts(),
            ),
            $attempt->is_on_board => $how === 'bare' ? null : $this->as($this->instructor)->post("$uri/as-built", $work->sheet(), 200, 'PUT'),
            default => $this->steps($attempt, $work->steps()),
        };
    }

    /** @param  list<array<string, mixed>>  $steps */
    private function steps(Attempt $attempt, array $steps): void
    {
        if ($steps !== []) {
            $receipt = $this->as($attempt->trainee)->post("api/attempts/$attempt->id/steps", People::batch($steps), 200);
            Assert::assertSame([], $receipt['setAside'], 'every step is taken');
        }
    }

    private function finish(): void
    {
        $minutes = (int) ($this->task['minutes'] ?? 0);
        foreach ($this->seats() as $attempt) {
            $runsOut = $this->how !== 'practice' && $minutes > 0 && $this->chance->is(30);
            if ($runsOut) {
                continue;
            }
            $attempt->is_on_board
                ? $this->as($this->instructor)->post("api/attempts/$attempt->id/moves", ['move' => 'close'], 200)
                : $this->as($attempt->trainee)->post("api/attempts/$attempt->id/hand-in", [], 204);
            if ($this->how !== 'practice' && $this->task['tries'] > 1) {
                $this->ask('POST', "api/attempts/$attempt->id/finish");
            }
        }
        $this->test->travel(2 * $minutes + 1)->minutes();
        app(HandInEveryOverdue::class)->execute();
    }

    private function checkJudgements(): void
    {
        foreach ($this->seats() as $attempt) {
            Assert::assertNotNull($attempt->handed_in_at, 'everybody has handed in');
            Assert::assertNotNull($attempt->verdict, "every hand-in is judged: $attempt->headline");
            $expected = $this->expected($attempt);
            $expected === null || Assert::assertSame($expected, $attempt->verdict !== 'fail', "{$this->worked[$attempt->id]}: $attempt->headline");
            $mark = $this->as($this->instructor)->get("api/attempts/$attempt->id/mark")['mark'];
            Assert::assertNotNull($mark, 'a task has a mark');
            $got = array_sum(array_column($mark['lines'], 'got'));
            Assert::assertEqualsWithDelta($got, $mark['got'], 1e-9, 'the mark is the sum of its lines');
            Assert::assertSame($mark['total'], array_sum(array_column($mark['lines'], 'of')), 'and the whole the sum of theirs');
            Assert::assertTrue($mark['got'] >= 0 && $mark['got'] <= $mark['total'], 'within its bounds');
            $this->worked[$attempt->id] === 'right' && $this->kind !== 'fault' && Assert::assertSame('', $mark['critical']);
        }
    }

    /** Whether it has to pass; null where the hands or the guesses were not meant to come to anything certain. */
    private function expected(Attempt $attempt): ?bool
    {
        if ($this->kind === 'fault' || $this->page() === '/questions') {
            return $this->worked[$attempt->id] === 'right' ? true : ($this->worked[$attempt->id] === 'half' ? null : false);
        }
        $stands = $attempt->fresh(['assignment.boardFile'])->stepLog()->bench()->wiring();

        return match ($this->worked[$attempt->id]) {
            'right' => true,
            'bare' => $this->kind === 'finish' ? null : false,
            // By the checker alone, without anything that the application does.
            default => $attempt->task()?->rules->judge(Checker::check($stands))->verdict !== Verdict::Fail,
        };
    }

    private function inspect(): void
    {
        foreach ($this->seats() as $attempt) {
            $this->as($this->instructor);
            $lines = $this->get("api/attempts/$attempt->id/mark")['mark']['lines'];
            $asked = array_column(array_filter($lines, fn (array $line) => $line['part'] === 'workmanship'), 'of', 'what');
            if ($this->how !== 'practice') {
                $page = array_column($this->get("api/attempts/$attempt->id/as-built")['observations'], 'of', 'what');
                Assert::assertSame($asked, $page, 'a page asks for what the mark takes');
            }
            $said = array_map(fn () => $this->chance->is(70), $asked);
            $seen = $this->post("api/attempts/$attempt->id/observations", ['observed' => (object) $said], 200, 'PUT')['mark'];
            Assert::assertFalse($seen['isOpen'], 'nothing is left to be inspected');
            $points = array_sum(array_map(fn (string $what) => $said[$what] ? $asked[$what] : 0, array_keys($asked)));
            $got = array_filter($seen['lines'], fn (array $line) => $line['part'] === 'workmanship');
            Assert::assertEqualsWithDelta($points, array_sum(array_column($got, 'got')), 1e-9, 'the inspection counts');
            $this->ask('PUT', "api/attempts/$attempt->id/observations", ['observed' => ['never-asked' => true]])->assertUnprocessable();
        }
    }

    private function changeByHand(): void
    {
        $attempt = $this->chance->one($this->seats());
        $was = $this->as($this->instructor)->get("api/attempts/$attempt->id/mark")['mark'];
        $line = $this->chance->one([...array_column($was['lines'], 'key'), 'total']);
        $old = $line === 'total' ? $was['got'] : array_column($was['lines'], 'got', 'key')[$line];
        $now = $this->post("api/attempts/$attempt->id/mark", ['line' => $line, 'points' => 1.5, 'why' => 'By eye'], 200, 'PUT')['mark'];
        $new = $line === 'total' ? $now['got'] : array_column($now['lines'], 'got', 'key')[$line];
        Assert::assertEqualsWithDelta(1.5, $new, 1e-9);
        $record = $this->get("api/assignments/$this->assignment/record")[0];
        Assert::assertStringContainsString(json_encode($old), $record['from'], 'the record says what it was');
        $this->ask('PUT', "api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 100000, 'why' => 'Very good'])->assertUnprocessable();
    }

    private function markAgain(): void
    {
        foreach ($this->seats() as $attempt) {
            $look = $this->as($this->instructor)->get("api/attempts/$attempt->id/re-mark");
            Assert::assertFalse($look['changes'], 'the same rules say the same: '.json_encode($look));
            $this->post("api/attempts/$attempt->id/re-mark", ['take' => true], 200);
            Assert::assertSame($attempt->verdict, $attempt->fresh()->verdict);
        }
    }

    private function seenBefore(): void
    {
        foreach ($this->how === 'practice' ? [] : $this->seats() as $attempt) {
            foreach (['verdict', 'mark', 'debrief', 'hunt', 'path?lamp=L1&state=0'] as $path) {
                Assert::assertSame(403, $this->as($attempt->trainee)->ask('GET', "api/attempts/$attempt->id/$path")->status(), "$path before release");
            }
            $line = $this->lineOf($attempt);
            Assert::assertSame([null, null, []], [$line['verdict'], $line['mark'], $line['tries']], 'nothing is told before release');
        }
    }

    private function release(): void
    {
        $this->as($this->instructor)->post("api/assignments/$this->assignment/release", [], 200);
        foreach ($this->seats() as $attempt) {
            $own = $this->as($this->instructor)->get("api/attempts/$attempt->id/mark")['mark'];
            $told = $this->as($attempt->trainee)->get("api/attempts/$attempt->id/mark")['mark'];
            Assert::assertSame([$own['got'], $own['total'], $own['passes']], [$told['got'], $told['total'], $told['passes']], 'the same mark after');
            Assert::assertEquals($own['got'], $this->lineOf($attempt)['mark']['got'], 'and in the list');
        }
    }

    /** Screen, tables and sheets say the same. */
    private function pagesAgree(): void
    {
        $this->as($this->instructor);
        $marks = array_column($this->get("api/assignments/$this->assignment/marks"), null, 'attempt');
        $text = (string) $this->ask('GET', "api/assignments/$this->assignment/mark-sheet?as=csv")->assertOk()->getContent();
        $rows = array_map(str_getcsv(...), explode("\r\n", trim(substr($text, 3))));
        $heads = array_shift($rows);
        Assert::assertCount(count($marks), $rows, 'a row for everybody');
        $byNumber = array_column(array_map(fn (array $row) => array_combine($heads, $row), $rows), null, 'Student number');
        $grid = array_column($this->get("api/mark-grid?classroom={$this->classroom['id']}")['people'], 'cells', 'id');
        foreach ($this->seats() as $attempt) {
            $mark = $marks[$attempt->id]['mark'];
            $row = $byNumber[$attempt->trainee->student_number];
            Assert::assertEquals($mark['got'], (float) $row['Points'], 'table and screen');
            Assert::assertSame((string) $mark['total'], $row['Out of']);
            Assert::assertEquals($mark['got'], array_column($grid[$attempt->trainee_id], 'got', 'attempt')[$attempt->id], 'class and tasks');
        }
        $this->ask('GET', "api/classrooms/{$this->classroom['id']}/mark-table")->assertOk();
        $pdf = (string) $this->ask('GET', "api/assignments/$this->assignment/mark-sheet?as=pdf")->assertOk()->getContent();
        Assert::assertStringStartsWith('%PDF', $pdf);
        $this->get('api/tonight');
        $this->get("api/assignments/$this->assignment");
    }

    /** @return list<Attempt> */
    private function seats(): array
    {
        $attempts = Attempt::query()->with(['trainee', 'assignment.boardFile'])->where('assignment_id', $this->assignment)->orderBy('id');

        // Each by itself: what a list may not load later, one piece of work may.
        return array_map(
            fn (int $id) => Attempt::query()->with(['trainee', 'assignment.boardFile'])->findOrFail($id),
            $attempts->pluck('id')->all(),
        );
    }

    /** @return array<string, mixed> of My work */
    private function lineOf(Attempt $attempt): array
    {
        return array_column($this->as($attempt->trainee)->get('api/attempts'), null, 'id')[$attempt->id];
    }

    private function page(): string
    {
        return in_array($this->kind, ['wire', 'finish', 'fault'], true) ? '' : '/questions';
    }

    /** @return array<string, mixed> what the task screen sends for this kind of task */
    private function fixture(): array
    {
        return get_object_vars(json_decode(Files::text('tests/Corpus/task-screen.json'), false)->{$this->kind});
    }

    private function as(User $who): self
    {
        $this->test->actingAs($who);

        return $this;
    }

    /** @param  array<string, mixed>|null  $body */
    private function ask(string $method, string $uri, ?array $body = null): TestResponse
    {
        $answer = $this->test->json($method, $uri, $body ?? []);
        Assert::assertLessThan(500, $answer->status(), "$method $uri: $answer->exception");

        return $answer;
    }

    /** @return array<mixed> */
    private function get(string $uri): array
    {
        $answer = $this->ask('GET', $uri);
        Assert::assertSame(200, $answer->status(), "GET $uri: ".substr((string) $answer->getContent(), 0, 300));

        return $answer->json();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<mixed>
     */
    private function post(string $uri, array $body, int $status, string $method = 'POST'): array
    {
        $answer = $this->ask($method, $uri, $body);
        Assert::assertSame($status, $answer->status(), "$method $uri: ".substr((string) $answer->getContent(), 0, 400));

        return $status === 204 ? [] : $answer->json();
    }
}
