<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Convert\Conversion;
use Zwindle\Plan\Convert\Note;
use Zwindle\Plan\Convert\NoteKind;
use Zwindle\Plan\Convert\PracticeConverter;
use Zwindle\Problem\Problems;

/** @return list<Note> */
function notesOf(Conversion $conversion, NoteKind $kind): array
{
    return array_values(array_filter($conversion->notes, fn (Note $note) => $note->kind === $kind));
}

/** @return array<string, string> colour → what it is for on a cable of the new board's plan */
function carriedAfter(Conversion $conversion, string $cable): array
{
    $carried = [];
    foreach ($conversion->after?->wiring->board->cables[$cable]->cores ?? [] as $core) {
        $carried[$core->colour->value] = $conversion->after->result->evidence->roles->ofCore($core)->value;
    }

    return $carried;
}

it('carries every library board over so that it can be wired, and back again', function (string $path) {
    $board = Files::board($path);
    $there = PracticeConverter::convert($board);
    $back = PracticeConverter::convert($there->board);
    $problems = new Problems;
    $read = BoardReader::read((string) json_encode(BoardArray::of($there->board)), $problems);

    expect($there->board->practice)->not->toBe($board->practice)->and($back->board->practice)->toBe($board->practice)
        ->and($there->after?->result->verdict)->not->toBeNull()->not->toBe(Verdict::Fail)
        ->and($back->after?->result->verdict)->not->toBeNull()->not->toBe(Verdict::Fail)
        ->and($problems->all())->toEqual([])->and($read)->toEqual($there->board)
        ->and(notesOf($there, NoteKind::NoPlan))->toBe([]);
})->with(array_map(fn (array $files) => [$files[0]], Files::rightWirings()));

it('brings the return back on blue in Britain, and never on a white in North America', function () {
    $loop = PracticeConverter::convert(Files::board('tests/Corpus/right/switch-loop-of-two-cores/board.json'));
    $drop = PracticeConverter::convert(Files::board('database/demo/boat-store/board.json'));

    // Common practice in Britain; NEC 200.7(C)(1) (memory).
    expect(carriedAfter($loop, 'W2'))->toMatchArray(['brown' => 'line', 'blue' => 'switched-line'])
        ->and(notesOf($loop, NoteKind::ReturnRule)[0]->at)->toBe(['W2'])
        ->and(carriedAfter($drop, 'W2'))->toMatchArray(['black' => 'line', 'red' => 'switched-line', 'white' => 'neutral'])
        ->and(notesOf($drop, NoteKind::ReturnRule)[0]->at)->toBe(['W2'])
        ->and(notesOf($drop, NoteKind::CableChanged)[0]->after)->toBe('na-14-3');
});

it('runs two cores to a British switch where the American one had a neutral besides', function () {
    $conversion = PracticeConverter::convert(Files::board('database/demo/tool-locker/board.json'));

    expect(notesOf($conversion, NoteKind::CableFewer)[0]->at)->toBe(['W2'])
        ->and(carriedAfter($conversion, 'W2'))->toMatchArray(['brown' => 'line', 'blue' => 'switched-line'])
        ->and(notesOf($conversion, NoteKind::ReturnRule)[0]->at)->toBe(['W2']);
});

it('says that no cable is a switch drop where none is', function () {
    expect(notesOf(
        PracticeConverter::convert(Files::board('database/demo/towpath-workshop/board.json')),
        NoteKind::ReturnRule,
    )[0]->at)->toBe([]);
});

it('sleeves a core of a British three-core blue where a neutral has to pass', function () {
    $conversion = PracticeConverter::convert(Files::board('database/demo/propagation-house/board.json'));

    expect(notesOf($conversion, NoteKind::CableBeside))->toBe([])
        ->and($conversion->board->cables['W2']->type->id)->toBe('gb-1.5-3ce')
        ->and(carriedAfter($conversion, 'W2'))->toContain('neutral');
});

it('splits a four-core in two, and keeps every id', function () {
    $board = Files::board('tests/Corpus/right/dead-end-with-neutral-along/board.json');
    $conversion = PracticeConverter::convert($board);

    expect(notesOf($conversion, NoteKind::CableSplit)[0]->before)->toBe('na-14-4')
        ->and(array_diff(array_keys($board->cables), array_keys($conversion->board->cables)))->toBe([])
        ->and(array_keys($conversion->board->enclosures))->toBe(array_keys($board->enclosures));
});

it('turns parts, supply and singles into what they are there', function () {
    $conversion = PracticeConverter::convert(Files::board('database/demo/towpath-workshop/board.json'));
    $models = array_map(fn ($device) => $device->model->id, $conversion->board->devices);
    $colours = array_unique(array_map(fn ($cable) => $cable->colour?->value, $conversion->board->cables));

    expect($models)->toContain('na-supply', 'na-switch-3way', 'na-switch-4way')
        ->and($conversion->board->supply()->breakerA)->toBe(15.0)->and($conversion->board->supply()->rcdMa)->toBeNull()
        ->and(array_diff($colours, ['black', 'red', 'blue', 'white', 'green']))->toBe([]);
});

it('leaves out what the other practice has no counterpart of, and says so', function () {
    $conversion = PracticeConverter::convert(Files::board('tests/Corpus/right/receptacle-spliced-through/board.json'));

    expect(notesOf($conversion, NoteKind::DeviceGone)[0]->at)->toBe(['RC'])->and(isset($conversion->board->devices['RC']))->toBeFalse()
        ->and($conversion->board->alwaysOn)->toBe([]);
});

it('lets a scheme go that cannot be wired there', function () {
    $array = json_decode(Files::text('database/demo/seed-store/board.json'), true);
    $array['requirements'] = ['scheme' => 'dead-end', 'neutralAtSwitches' => 'by-code'];
    $array['cables'] = array_map(
        fn (array $cable) => $cable['id'] === 'W3' ? [...$cable, 'type' => 'na-14-2-2'] : $cable,
        $array['cables'],
    );
    $conversion = PracticeConverter::convert(Build::board($array));

    expect($conversion->board->practice)->toBe(Practice::from('gb'))->and($conversion->after)->not->toBeNull();
});
