<?php

declare(strict_types=1);

use App\Enums\LabelSheet;
use App\Enums\Page;
use App\Enums\PaperFace;
use App\Paper\Boards\PlanPaper;
use App\Paper\Drawn\BoardSvg;
use App\Paper\Drawn\DiagramSvg;
use App\Paper\Layout\Letters;
use App\Paper\OpenBox\OpenBoxSvg;
use App\Paper\Page\Sheet;
use App\Shapes\Boards\WiringSchedule;
use Symfony\Component\Process\Process;
use Tests\Support\Build;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Plan\Planner;
use Zwindle\Schematic\Diagram;

/** What a PDF reads, by poppler's pdftotext. */
function readBack(string $pdf): string
{
    $process = new Process(['pdftotext', '-layout', '-', '-']);
    $process->setInput($pdf)->mustRun();

    return $process->getOutput();
}

function sidesOf(string $pdf): int
{
    return (int) preg_match_all('#/Type /Page\b#', $pdf);
}

/** @return list<string> the texts of a drawing */
function textsOf(string $svg): array
{
    return array_map('strval', iterator_to_array(simplexml_load_string($svg)->text, false));
}

it('prints every page of a plan, on the paper of its practice', function (string $slug, string $box, string $words) {
    $file = People::boardFile($slug);
    $pdf = $this->actingAs(People::user('instructor'))
        ->get("api/board-files/$file->id/plans/0/paper")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')
        ->getContent();
    $text = readBack($pdf);

    expect($pdf)->toContain("/MediaBox [0.000 0.000 $box]");
    foreach (Page::cases() as $page) {
        expect($text)->toContain(__("paper.page.{$page->value}"));
    }
    expect($text)->toContain($words, 'isolate, lock off, prove dead');
})->with([['propagation-house', '612.000 792.000', '¼ in sheath'], ['boat-store', '595.280 841.890', '50 mm sheath']]);

it('prints no answer on the pages that trainees work on', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $read = fn (string $pages) => readBack($this->get("api/board-files/$file->id/plans/0/paper?pages=$pages")->assertOk()->getContent());

    expect($read('task,blank-labels,as-found'))->toContain('Task', 'As-found sheet', 'BLK black')
        ->not->toContain('traveler', 'switch leg', 'common', 'Answer key', 'Schematic')
        ->and($read('schedule,labels'))->toContain('traveler', 'switch leg', 'dark screw 3 (the common) of S1');
    $this->getJson("api/board-files/$file->id/plans/0/paper?pages=secrets")->assertStatus(422);
});

it('prints on the paper that is asked for, numbers its pages, and follows the number of boards', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $pdf = fn (string $query) => $this->get("api/board-files/$file->id/plans/0/paper?$query")->assertOk()->getContent();

    expect($pdf('pages=task&size=a4'))->toContain('/MediaBox [0.000 0.000 595.280 841.890]')
        ->and($pdf('pages=task&size=letter'))->toContain('/MediaBox [0.000 0.000 612.000 792.000]');
    $three = readBack($pdf('pages=task,materials&boards=3'));
    expect(array_map(fn (int $number) => substr_count($three, "Task, board $number"), [1, 2, 3, 4]))->toBe([1, 1, 1, 0])
        ->and(substr_count($three, 'Cut list'))->toBe(1)
        ->and(preg_match_all('/decide\.\s+(\d+)|(\d+)\s*\n?\s*A drawing proves/', $three))->toBeGreaterThan(0);
    // Six three-ways for three boards with two each.
    expect(preg_match('/three-way[^\n]*\b6\b/', $three))->toBe(1);
    foreach (['size=a3', 'boards=0', 'boards=61'] as $wrong) {
        $this->getJson("api/board-files/$file->id/plans/0/paper?pages=task&$wrong")->assertStatus(422);
    }
});

it('tells of each page whether it gives an answer away', function () {
    $file = People::boardFile();
    $pages = $this->actingAs(People::user('instructor'))
        ->getJson("api/board-files/$file->id/plans/0/pages")
        ->assertOk()
        ->json('pages');

    expect(array_column(array_filter($pages, fn (array $page) => ! $page['tells']), 'page'))
        ->toBe(['task', 'lighting-plan', 'blank-labels', 'as-found']);
});

it('needs nothing but ink', function () {
    $plan = Planner::plan(Files::board('database/patterns/na-08-station-fed-at-the-light.board.json'))->plans[0];
    $evidence = $plan->result->evidence;
    preg_match_all(
        '/#[0-9A-Fa-f]{6}/',
        BoardSvg::of($plan, true)->file().DiagramSvg::of(new Diagram($evidence->circuit, $evidence->roles), 'x')->file(),
        $colours,
    );

    expect(array_values(array_unique($colours[0])))->toEqualCanonicalizing(['#FFFFFF', '#1D2129']);
});

it('draws the board to scale', function () {
    $board = Build::boardArray([
        'wall' => ['widthMm' => 1200, 'heightMm' => 900],
        'practice' => 'gb', 'code' => 'BS7671-2018',
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply', 'label' => 'Feed & more <b>', 'at' => [200, 450]],
            ['id' => 'B1', 'kind' => 'switch-box', 'label' => 'Door', 'at' => [500, 450], 'material' => 'plastic'],
            ['id' => 'L1', 'kind' => 'light-box', 'label' => 'Light', 'at' => [800, 200], 'material' => 'plastic'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'gb-supply'],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'gb-switch-1way'],
            ['id' => 'LA', 'in' => 'L1', 'model' => 'gb-batten-es'],
        ],
        'cables' => [
            ['id' => 'W1', 'type' => 'gb-1.0-te', 'from' => 'SRC', 'to' => 'B1'],
            ['id' => 'W2', 'type' => 'gb-1.0-te', 'from' => 'B1', 'to' => 'L1'],
        ],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1']]],
    ]);
    $plan = Planner::plan(Build::board($board))->plans[0];
    $drawing = BoardSvg::of($plan, true);
    $svg = simplexml_load_string($drawing->file());
    $light = null;
    foreach ($svg->circle as $circle) {
        $light = [(float) $circle['cx'], (float) $circle['cy']];
    }

    // 1200 mm go into 182 mm of paper at 1 : 10; the light hangs at 800, 200.
    expect($light)->toBe([80.0, 20.0])
        ->and((string) $svg['width'])->toBe('120mm')
        ->and(textsOf($drawing->file()))->toContain(
            'Feed & more <b>',
            'W1  1.0 mm² T&E  0.30 m',
            'BN line',
            '500 mm; scale 1 : 10, if printed at full size',
        )
        ->and(implode(' ', textsOf(BoardSvg::of($plan, false)->file())))->not->toContain('line', 'neutral');
});

it('writes nothing along a level run over a box', function (string $board, bool $withAnswers) {
    $svg = simplexml_load_string(BoardSvg::of(Planner::plan(Files::board($board))->plans[0], $withAnswers)->file());
    $boxes = array_filter(iterator_to_array($svg->rect, false), fn ($rect) => (string) $rect['stroke-width'] === '0.5');
    $overlaps = [];
    foreach ($svg->text as $text) {
        $width = Letters::wide((string) $text, (float) $text['font-size'], (string) $text['font-weight'] === 'bold');
        [$left, $bottom] = [(float) $text['x'] - $width / 2, (float) $text['y']];
        foreach ((string) $text['text-anchor'] === 'middle' && preg_match('/^W\\w+ /', (string) $text) === 1 ? $boxes : [] as $box) {
            $isBeside = $left > $box['x'] + $box['width'] || $left + $width < (float) $box['x'];
            $isAbove = $bottom < (float) $box['y'] || $bottom - 2.0 > $box['y'] + $box['height'];
            $overlaps = $isBeside || $isAbove ? $overlaps : [...$overlaps, (string) $text];
        }
    }

    expect($boxes)->not->toBe([])->and($overlaps)->toBe([]);
})->with(array_map(
    fn (string $path) => 'database/patterns/'.basename($path),
    [...(glob(dirname(__DIR__, 2).'/database/patterns/*.json') ?: [])],
) + ['barn' => 'database/demo/packing-barn/board.json'])->with(['with answers' => true, 'without' => false]);

it('draws the singles of a conduit as one run with what is in it', function () {
    $plan = Planner::plan(Files::board('database/patterns/gb-06-intermediate-in-conduit.board.json'))->plans[0];
    $board = $plan->wiring->board;
    $pairs = array_unique(array_map(fn ($cable) => min($cable->from, $cable->to).' '.max($cable->from, $cable->to), $board->cables));
    $texts = textsOf(BoardSvg::of($plan, false)->file());
    $answered = textsOf(BoardSvg::of($plan, true)->file());

    expect(count(array_filter(
        $texts,
        fn (string $text) => preg_match('/^\d × 1\.[05] mm²/', $text) === 1,
    )))->toBe(count($pairs))->toBeLessThan(count($board->cables))
        ->and(count(array_filter($texts, fn (string $text) => preg_match('/^C\d+ [A-Z]+$/', $text) === 1)))->toBe(count($board->cables))
        ->and(count(array_filter(
            $answered,
            fn (string $text) => preg_match('/^C\d+ [A-Z]+ (line|neutral|earth|strapper|switched live)$/', $text) === 1,
        )))->toBe(count($board->cables));
});

it('opens every box of the answer key: a flag for each end, its tape over it, and under the box what each carries', function (
    string $board,
    int $bands,
) {
    $plan = Planner::plan(Files::board($board))->plans[0];
    $wiring = $plan->wiring;
    $drawings = array_column(OpenBoxSvg::all($plan), null, 'title');
    $opened = array_filter($wiring->board->enclosures, fn (Enclosure $box) => $box->kind !== EnclosureKind::Supply);
    $seen = $drawnBands = 0;
    foreach ($opened as $box) {
        $texts = textsOf($drawings[$box->label]->file());
        $ends = array_filter($wiring->points, fn ($point) => $point->core !== null && $point->enclosure === $box->id);
        $flags = array_map(fn ($end) => (string) $end->core?->colour->flag($wiring->board->practice), $ends);
        $drawn = array_filter($texts, fn (string $text) => in_array($text, $flags, true));
        $rows = array_filter((new WiringSchedule($plan))->rows(), fn (array $row) => $row['box'] === $box->label);
        $carried = implode(' ', array_filter($texts, fn (string $text) => str_contains($text, ', ')));

        expect(array_values($drawn))->toEqualCanonicalizing(array_values($flags));
        foreach ($rows as $row) {
            expect($carried)->toMatch('/'.strtok($row['conductor'], ' ')." {$row['carries']}\\b/");
        }
        $seen += count($ends);
        $drawnBands += substr_count($drawings[$box->label]->file(), 'width="38" height="8"');
    }
    $inBoxes = fn (string $end) => isset($opened[$wiring->points[$end]->enclosure]);

    expect($seen)->toBe(count(array_filter($wiring->points, fn ($point) => $point->core !== null && $inBoxes($point->id))))
        ->and($drawnBands)->toBe($bands)->toBe(count(array_filter(array_keys($wiring->marks), $inBoxes)));
})->with([['database/patterns/na-04-three-way-dead-end.board.json', 2], ['database/patterns/gb-05-two-way-at-the-rose.board.json', 11]]);

it('caps what is spare in the box that it is in', function () {
    $plan = Planner::plan(Files::board('database/patterns/na-08-station-fed-at-the-light.board.json'))->plans[0];
    $drawings = array_column(OpenBoxSvg::all($plan), null, 'title');
    $label = fn (string $id) => $plan->wiring->board->enclosures[$id]->label;

    expect(textsOf($drawings[$label('B1')]->file()))->toContain('cap')
        ->and(textsOf($drawings[$label('B2')]->file()))->not->toContain('cap');
});

it('sets what is printed in the product\'s own faces, and what they lack in another', function () {
    $people = new People;
    $pdf = $this->actingAs($people->instructor)
        ->get("api/board-files/{$people->assignment->boardFile->id}/plans/0/paper?pages=task,schedule,key,labels")
        ->getContent();
    $fonts = new Process(['pdffonts', '-']);
    $faces = $fonts->setInput($pdf)->mustRun()->getOutput();

    expect($faces)->toContain('AtkinsonHyperlegible', 'BarlowCondensed')->not->toContain('Helvetica', 'Times')
        ->and(Letters::faceFor('Gate post ½'))->toBe(PaperFace::Own)->and(Letters::faceFor('Łódź, 5 Ω'))->toBe(PaperFace::StandIn);
});

it('holds its face where another program opens a drawing', function () {
    $plan = Planner::plan(Files::board('database/patterns/na-04-three-way-dead-end.board.json'))->plans[0];

    expect(BoardSvg::of($plan, false)->file())->toContain('@font-face')
        ->and(BoardSvg::of($plan, false)->within())->not->toContain('@font-face');
});

it('prints on ready-cut labels, from the first that is free, for so many boards', function (LabelSheet $sheet, int $boards, int $first) {
    $plan = Planner::plan(Files::board('database/patterns/na-04-three-way-dead-end.board.json'))->plans[0];
    $pdf = (new PlanPaper($plan, ''))->pdf([Page::BlankLabels], new Sheet(boards: $boards, labels: $sheet, firstLabel: $first));
    $text = readBack($pdf);
    $count = 2 * count($plan->wiring->board->cables) * $boards;

    expect(preg_match_all('/\bW\d/', $text))->toBe($count)->and($text)->not->toContain('traveler', 'hot')
        ->and(sidesOf($pdf))->toBe((int) ceil(($count + $first - 1) / $sheet->labels()));
})->with([
    '30 on Letter' => [LabelSheet::Letter30, 6, 25],
    '80 on Letter' => [LabelSheet::Letter80, 1, 1],
    '65 on A4' => [LabelSheet::A4By65, 12, 3],
]);

it('knows only sheets of labels that lie on their paper and not on each other', function (LabelSheet $sheet) {
    [$width, $height] = $sheet->paper() === 'a4' ? [210.0, 297.0] : [215.9, 279.4];
    [$labelWidth, $labelHeight] = $sheet->size();
    [$left, $top] = $sheet->at($sheet->labels() - 1);

    expect($left + $labelWidth)->toBeLessThanOrEqual($width + 0.1)->and($top + $labelHeight)->toBeLessThanOrEqual($height)
        ->and($sheet->at(1)[0] - $sheet->at(0)[0])->toBeGreaterThanOrEqual($labelWidth)
        ->and($sheet->at($sheet->columns())[1] - $sheet->at(0)[1])->toEqualWithDelta($labelHeight, 0.001);
})->with(LabelSheet::cases());

it('begins every part on the front of a sheet where both sides are printed', function () {
    $plan = Planner::plan(Files::board('database/demo/three-sheds/board.json'))->plans[0];
    $pages = fn (Sheet $sheet) => explode("\f", rtrim(readBack((new PlanPaper($plan, ''))->pdf([Page::Task, Page::Key], $sheet)), "\f"));
    $fronts = array_filter($pages(new Sheet(boards: 2, isDuplex: true)), fn (int $i) => $i % 2 === 0, ARRAY_FILTER_USE_KEY);
    $begun = fn (array $pages) => count(array_filter($pages, fn (string $page) => str_contains($page, 'Three sheds')));

    expect($begun($fronts))->toBe(3)->and($begun($pages(new Sheet(boards: 2))))->toBe(3)
        ->and(count($pages(new Sheet(boards: 2))))->toBeLessThan(count($pages(new Sheet(boards: 2, isDuplex: true))));
});

it('puts what a trainee writes on a board on one page', function (string $path) {
    $plan = Planner::plan(Files::board($path))->plans[0];

    expect(sidesOf((new PlanPaper($plan, 'Wire it.'))->pdf([Page::Task])))->toBe(1);
})->with(array_map(
    fn (string $path) => substr($path, strlen(dirname(__DIR__, 2)) + 1),
    [
        ...(glob(dirname(__DIR__, 2).'/database/demo/*/board.json') ?: []),
        ...(glob(dirname(__DIR__, 2).'/database/demo-library/*.board.json') ?: []),
    ],
));

it('draws every switch and lamp of the schematic', function (string $board) {
    $plan = Planner::plan(Files::board($board))->plans[0];
    $evidence = $plan->result->evidence;
    $texts = textsOf(DiagramSvg::of(new Diagram($evidence->circuit, $evidence->roles), $evidence->board->title)->file());

    expect($texts)->toContain(...$evidence->circuit->switches, ...$evidence->circuit->lamps)->toContain('L', 'N');
})->with(array_map(fn (string $path) => 'database/patterns/'.basename($path), glob(dirname(__DIR__, 2).'/database/patterns/*.json') ?: []));

it('gives the drawing as a file, and keeps paper and drawing from trainees', function () {
    $people = new People;
    $file = $people->assignment->boardFile;
    $svg = $this->actingAs($people->instructor)
        ->get("api/board-files/$file->id/plans/0/file?as=svg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();

    expect(simplexml_load_string($svg))->not->toBeFalse();
    $this->actingAs($people->trainee)->getJson("api/board-files/$file->id/plans/0/file?as=blank-svg")->assertNotFound();
    $this->actingAs($people->trainee)->getJson("api/board-files/$file->id/plans/0/paper")->assertNotFound();
});

it('prints a sheet for every seat without an answer, and a key for every seat', function () {
    $exam = new Exam(change: [
        'varying' => ['feed', 'lamp', 'faces'],
        'seed' => 'paper',
        'kind' => 'finish',
        'done' => ['B1'],
        'positions' => ['order-of-work' => 'box-by-box'],
    ]);
    $this->actingAs($exam->instructor);
    $read = fn (string $pages) => readBack($this->get(
        "api/assignments/{$exam->assignment->id}/paper?pages=$pages",
    )->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
    $sheets = $read('sheets');

    expect($sheets)->toContain(
        'Evening exam',
        'Wire it. 15 minutes.',
        'Work box by box',
        'Wired already: First switch.',
        'Seat 1',
        'Seat 2',
        'Seat 3',
        $exam->trainees[2]->name,
    )
        ->not->toContain('answer key', 'traveler screw', 'switch leg', 'common')
        ->and(substr_count($sheets, 'Write down what each conductor is for'))->toBe(3);
    expect([substr_count($sheets, "\f"), substr_count($read('sheets&sides=2'), "\f")])->toBe([3, 6]);
    $keys = $read('keys');
    expect($keys)->toContain('answer key', 'switch leg', 'BLK hot')->and(substr_count($keys, 'Each box, open'))->toBe(3);
    $this->getJson("api/assignments/{$exam->assignment->id}/paper?pages=all")->assertStatus(422);
    $this->actingAs(People::user('instructor'))->getJson("api/assignments/{$exam->assignment->id}/paper?pages=keys")->assertNotFound();
    $this->actingAs($exam->trainees[0])->getJson("api/assignments/{$exam->assignment->id}/paper?pages=keys")->assertNotFound();
});

it('prints the key of the variant that hangs at the seat', function () {
    $exam = new Exam(change: ['varying' => ['feed', 'lamp', 'order'], 'seed' => 'paper']);
    $expected = fn (int $seat) => array_map(
        fn (array $row) => "{$row['cable']} ".strtok($row['conductor'], ' ')." {$row['carries']}",
        (new WiringSchedule(Planner::plan($exam->attempt($seat)->board())->plans[0]))->rows(),
    );
    $text = preg_split(
        '/(?=Evening exam)/',
        readBack($this->actingAs($exam->instructor)->get(
            "api/assignments/{$exam->assignment->id}/paper?pages=keys",
        )->assertOk()->getContent()),
        -1,
        PREG_SPLIT_NO_EMPTY,
    );

    expect($expected(1))->not->toBe($expected(2));
    foreach ([1, 2, 3] as $seat) {
        $page = implode("\n", array_filter($text, fn (string $page) => str_contains($page, "Seat $seat ")));
        $rows = [];
        preg_match_all('/^\s*(W\d) (?:[A-Z]+ [a-z ]+, )*[A-Z]+ [a-z ]+$/m', preg_replace('/ {2,}|; |: /', "\n", $page), $lines, PREG_SET_ORDER);
        foreach ($lines as $line) {
            preg_match_all('/([A-Z]{3,}) ([a-z ]+)/', $line[0], $told, PREG_SET_ORDER);
            $rows = [...$rows, ...array_map(fn (array $end) => "$line[1] $end[1] ".trim($end[2]), $told)];
        }
        expect($rows)->toEqualCanonicalizing($expected($seat));
    }
});

it('prints no sheets of questions, nor of a board without a task', function () {
    $exam = new Exam(change: ['kind' => 'predict']);
    $this->actingAs($exam->instructor)
        ->getJson("api/assignments/{$exam->assignment->id}/paper?pages=sheets")
        ->assertStatus(422)
        ->assertJsonPath(
            'errors.for.0',
            'Seat sheets are only for wiring tasks; questions are answered on the screen.',
        );
    $people = new People;
    $this->actingAs($people->instructor)->getJson("api/assignments/{$people->assignment->id}/paper?pages=sheets")->assertStatus(422);
});

it('has memory enough for the sheets of a class, and takes none away', function (string $limit, string $after) {
    // In a process of its own: this one may hold more already than the lower limit.
    $script = 'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();'
        .'$pdf = App\Paper\Page\Pdf::of("paper.table", ["columns" => ["a"], "rows" => [["b"]]], Zwindle\Catalogue\Practices\Practice::from(\'gb\'), "t");'
        .'echo substr($pdf, 0, 4), " ", ini_get("memory_limit");';
    $process = new Process([PHP_BINARY, '-d', "memory_limit=$limit", '-r', $script], base_path());

    expect($process->mustRun()->getOutput())->toBe("%PDF $after");
})->with([['128M', '512M'], ['1G', '1G'], ['-1', '-1']]);

it('draws a lighting plan with the symbols of the practice, and not a word of how it is wired', function (string $path, array $texts) {
    $board = Files::board($path);
    $svg = App\Paper\Boards\LightingPlan::of($board)->file();

    expect(array_values(array_filter(textsOf($svg), fn (string $text) => preg_match('/^(S|\d)$/', $text) === 1)))->toBe($texts)
        ->and($svg)->not->toContain('14/', 'traveler', 'hot')->and(substr_count($svg, '<circle'))->toBeGreaterThan(0);
})->with([
    'S3, S4, S3' => ['database/patterns/na-08-station-fed-at-the-light.board.json', ['S', '3', 'S', '4', 'S', '3']],
    'two in a box and a receptacle' => ['database/patterns/na-12-receptacle-always-hot.board.json', ['S']],
    'IEC: levers, no letters' => ['database/patterns/gb-10-intermediate-in-three-core.board.json', []],
]);
