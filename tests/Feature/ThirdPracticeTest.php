<?php

declare(strict_types=1);

use App\Models\BoardFile;
use Symfony\Component\Process\Process;
use Tests\Support\Build;
use Tests\Support\EveryAnswer;
use Tests\Support\EveryBoard;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\People;
use Tests\Support\RandomWiring;
use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Catalogue\Practices\CatalogueFolders;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Vary\Appearance;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Plan\Convert\PracticeConverter;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;

// A made-up practice in a folder: other colours, cables and lengths with American devices. No PHP knows of it.
const HARBOUR = 'tests/Corpus/practices/harbour';

beforeEach(fn () => CatalogueFolders::add(Files::path(HARBOUR)));
afterEach(fn () => CatalogueFolders::remove(Files::path(HARBOUR)));

function harbourBoard(string $pattern): Board
{
    $json = json_decode(Files::text("database/patterns/$pattern.board.json"), true);

    return Build::board([...$json, 'practice' => 'xx', 'code' => 'XX-1']);
}

/** @return list<string> codes */
function harbourCodes(Zwindle\Board\Wiring\Wiring $wiring): array
{
    return array_map(fn (Finding $finding) => $finding->code->value, Checker::check($wiring)->findings);
}

it('is there while its folder is, and the two of the product stay the same objects', function () {
    [$na, $ids] = [Practice::from('na'), array_keys(Practice::all())];
    CatalogueFolders::remove(Files::path(HARBOUR));

    expect($ids)->toBe(['na', 'gb', 'xx'])->and(array_keys(Practice::all()))->toBe(['na', 'gb'])
        ->and(Practice::find('xx'))->toBeNull()->and(Practice::from('na'))->toBe($na);
});

it('plans American boards with its own cables and colours', function (string $pattern) {
    $planning = Planner::plan(harbourBoard($pattern), all: true);
    $first = $planning->plans[0]->wiring;
    $wirings = [];
    foreach ($planning->plans as $i => $plan) {
        $wirings["plan $i"] = $plan->wiring;
    }

    expect($planning->plans[0]->result->verdict)->toBe(Verdict::Pass)
        ->and(array_filter($first->board->cables, fn (Cable $cable) => $cable->type->practice?->id !== 'xx'))->toBe([])
        ->and(Ngspice::compare($wirings)['differences'])->toBe([]);
})->with(['na-03-three-way-feed-through', 'na-05-three-way-fed-at-the-light', 'na-08-station-fed-at-the-light']);

it('judges by its own colours, on random wirings with wrong parts as ngspice does', function () {
    $right = Planner::plan(harbourBoard('na-03-three-way-feed-through'))->plans[0]->wiring;
    $random = new RandomWiring(seed: 12);
    $wirings = [];
    foreach (EveryBoard::wrongParts($right) as $i => [$switch, $part]) {
        $wirings["$switch is $part->id"] = $random->withWrongPart($right, $switch, $part, $i % 3);
    }
    $complaints = array_merge(...array_map(EveryAnswer::of(...), array_values($wirings)));

    expect(count($wirings))->toBeGreaterThan(5)->and($complaints)->toBe([])
        ->and(Ngspice::compare($wirings)['differences'])->toBe([])
        ->and(harbourCodes($right))->toBe([])
        // Its neutral is grey: orange there is wrong, and so is grey as a line conductor without tape.
        ->and(harbourCodes(Build::renamed($right, [
            'W3.orange@B2' => 'W3.grey@B2',
            'W3.grey@B2' => 'W3.orange@B2',
            'W3.orange@H1' => 'W3.grey@H1',
            'W3.grey@H1' => 'W3.orange@H1',
        ])))->toBe(['line-unmarked', 'neutral-colour']);
});

it('cites its own rules', function () {
    $board = harbourBoard('na-03-three-way-feed-through');
    $returns = array_filter(
        Planner::plan($board, all: true)->plans,
        fn (Plan $plan) => in_array('return-on-white', harbourCodes($plan->wiring), true),
    );

    expect($board->edition->cite('return-on-white'))->toBe('HR 7')->and($returns)->toBe([]);
});

it('carries a board from any practice to any other and back', function (string $from, string $path) {
    $board = Files::board($path);
    foreach (array_keys(Practice::from($from)->others()) as $to) {
        $there = PracticeConverter::convert($board, Practice::from($to));
        $back = PracticeConverter::convert($there->board, $board->practice);

        expect($there->board->practice->id)->toBe($to)->and($there->after?->result->verdict)->toBe(Verdict::Pass)
            ->and($back->board->practice)->toBe($board->practice)->and($back->after?->result->verdict)->toBe(Verdict::Pass);
    }
})->with([
    ['na', 'database/demo/propagation-house/board.json'],
    ['na', 'tests/Corpus/right/five-switches-in-singles/board.json'],
    ['gb', 'database/demo/boat-store/board.json'],
    ['gb', 'tests/Corpus/right/sheds-rose-to-rose/board.json'],
]);

it('draws, plans and prints it, and puts it before every screen', function () {
    $this->actingAs(People::user('instructor'));
    $practices = $this->getJson('api/session')->assertOk()->json('practices');
    $drawing = $this->postJson('api/drawings', ['practice' => 'xx'])->assertCreated()->json();
    $file = BoardFile::query()->findOrFail($drawing['id']);
    $bare = json_decode($file->json, true);
    $file->update(['json' => json_encode([
        ...json_decode(Files::text('database/patterns/na-03-three-way-feed-through.board.json'), true),
        'practice' => 'xx',
        'code' => 'XX-1',
    ])]);
    $process = new Process(['pdftotext', '-layout', '-', '-']);
    $process->setInput($this->get("api/board-files/$file->id/plans/0/paper")->assertOk()->getContent())->mustRun();

    expect(array_column($practices, 'name'))->toBe(['North America', 'Britain', 'The Harbour'])
        ->and($bare['devices'][0])->toMatchArray(['model' => 'na-supply', 'breakerA' => 10, 'rcdMa' => 30])
        ->and($bare['wall'])->toBe(['widthMm' => 2000, 'heightMm' => 1000])
        ->and($process->getOutput())->toContain('14 three-core', 'ORG');
    $this->getJson("api/board-files/$file->id/plans")->assertOk()->assertJsonPath('plans.0.verdict', 'pass');
    $this->getJson("api/board-files/$file->id/plans/0")->assertOk()->assertJsonPath('practice', 'xx');
    $this->postJson("api/board-files/$file->id/converted", ['to' => 'gb'])->assertCreated()->assertJsonPath('boardFile.practice', 'gb');
    $this->postJson("api/board-files/$file->id/converted", ['to' => 'xx'])->assertStatus(422);
});

it('varies the colours of its singles', function () {
    $board = PracticeConverter::convert(Files::board('tests/Corpus/right/five-switches-in-singles/board.json'), Practice::from('xx'))->board;

    expect((new Appearance([VariedAspects::Colours]))->colourWays($board))->toBe(3);
});
