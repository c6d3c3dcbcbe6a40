<?php

declare(strict_types=1);

use Zwindle\Board\Board;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\JsonText;
use Zwindle\Format\Read\TaskReader;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;

function pathLight(): Board
{
    return BoardReader::read((string) file_get_contents('database/demo/propagation-house/board.json'), new Problems)
        ?? throw new LogicException('The demo board is read.');
}

/** @param  string|array<mixed>|object  $given */
function readTask(string|array|object $given): ?TaskFile
{
    return TaskReader::read($given, pathLight(), new Problems);
}

const BARE_TASK = ['format' => 'zwindle-task', 'version' => 1, 'title' => 'Path', 'kind' => 'wire', 'mode' => 'exam'];

it('reads the same from values as from their text', function (string $path) {
    $text = (string) file_get_contents($path);
    $problems = new Problems;

    expect(BoardReader::read((array) json_decode($text, true), $problems))->toEqual(BoardReader::read($text, new Problems))
        ->and(BoardReader::read((object) json_decode($text), $problems))->toEqual(BoardReader::read($text, new Problems))
        ->and($problems->all())->toBe([]);
})->with([
    'a North American board' => 'database/demo/propagation-house/board.json',
]);

it('takes an empty array for an object where the schema asks for one', function () {
    expect(readTask([...BARE_TASK, 'rules' => [], 'positions' => [], 'help' => []]))->toEqual(readTask(json_encode([
        ...BARE_TASK, 'rules' => new stdClass, 'positions' => new stdClass, 'help' => [],
    ], JSON_THROW_ON_ERROR)))->not->toBeNull();
});

it('still refuses an empty list in the text of a file, with its pointer', function () {
    $problems = new Problems;
    TaskReader::read(json_encode([...BARE_TASK, 'rules' => []], JSON_THROW_ON_ERROR), pathLight(), $problems);

    expect(array_map(fn (Problem $problem) => $problem->pointer, $problems->all()))->toContain('/rules');
});

it('changes members of a file and leaves its empty objects objects', function () {
    $text = json_encode([...BARE_TASK, 'rules' => new stdClass, 'positions' => new stdClass], JSON_THROW_ON_ERROR);
    $changed = JsonText::with($text, ['title' => 'Evening']);

    expect($changed)->toContain('"rules":{}')->toContain('"positions":{}')
        ->and(readTask($changed)?->title)->toBe('Evening');
});

it('does not take what is no object at all', function (array $given) {
    $problems = new Problems;

    expect(TaskReader::read($given, pathLight(), $problems))->toBeNull()
        ->and($problems->any())->toBeTrue();
})->with(['a list' => [['a', 'b']], 'nothing' => [[]]]);

it('names the field that is wrong, and no field beside it', function () {
    $problems = new Problems;
    $json = [...BARE_TASK, 'rules' => ['box-overfilled' => 'note'], 'mood' => 'bright'];

    expect(TaskReader::read($json, pathLight(), $problems))->toBeNull();
    $told = array_map(fn (Problem $one) => $one->params['keyword'].': '.($one->params['properties'] ?? $one->pointer), $problems->all());
    expect($told)->toEqualCanonicalizing(['enum: /rules/box-overfilled', 'additionalProperties: mood']);
});
