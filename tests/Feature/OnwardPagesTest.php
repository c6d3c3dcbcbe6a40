<?php

declare(strict_types=1);

use App\Enums\Page;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Repair\Mistake\MistakeKind;

const ONWARD_BOARD = 'tests/Corpus/right/on-to-the-hall/board.json';

beforeEach(function () {
    $this->actingAs($this->instructor = People::user('instructor'));
    $board = json_decode(Files::text(ONWARD_BOARD), true);
    $this->id = $this->postJson('api/board-files', $board)->assertCreated()->json('id');
});

it('prints every page of a board with a place beyond it', function (Page $page) {
    $this->get("api/board-files/$this->id/plans/0/paper?pages=$page->value")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
})->with(Page::cases());

it('opens every other page of it', function (string $path, string $says) {
    expect($this->getJson("api/$path")->assertOk()->getContent())->toContain($says);
})->with([
    'plans' => [fn () => "board-files/$this->id/plans", 'single-pole switch'],
    'as found' => [fn () => "board-files/$this->id/as-found", 'Porch door'],
    'preparing' => [fn () => "board-files/$this->id/plans/0/materials", 'Opening Porch door also disconnects Hall'],
    'drawing' => [fn () => "drawings/$this->id", 'onward'],
]);

it('has no end to take in hand beyond the board, and no page of faults or questions that stops at it', function (array $change) {
    $exam = new Exam(ONWARD_BOARD, $change);
    $attempt = $exam->attempt();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/begin");
    $bench = $this->getJson("api/attempts/$attempt->id")->assertOk()->json();
    $beyond = array_values(array_filter($bench['board']['enclosures'], fn (array $box) => $box['kind'] === 'onward'));

    expect($beyond[0]['ends'] ?? [])->toBe([])->and($beyond[0]['devices'] ?? [])->toBe([]);
    if ($change['kind'] === 'fault') {
        $proof = $this->getJson("api/attempts/$attempt->id/proof")->assertOk()->json();
        expect(array_column($proof['bench']['namings']['boxes'], 'name'))->not->toContain('Hall');
    }
})->with([
    'to wire' => [['kind' => 'wire']],
    'a fault' => [['kind' => 'fault', 'faultKinds' => [MistakeKind::OnwardForgotten->value], 'seed' => 'a']],
    'questions' => [['kind' => 'names', 'questions' => 3, 'seed' => 'a']],
]);
