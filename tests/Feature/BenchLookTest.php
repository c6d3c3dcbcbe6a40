<?php

declare(strict_types=1);

use App\Shapes\Bench\BenchShape;
use Tests\Support\Files;
use Zwindle\Bench\Look;

it('keeps the looks that the front-end tests use in step with the server', function () {
    $looks = [];
    foreach (Files::demoBoards() as $slug => [$path]) {
        $board = Files::board($path);
        $looks[$slug] = (new BenchShape($board))->name(Look::of($board));
    }
    $path = Files::path('tests/Corpus/bench/looks.json');
    if (getenv('ZWINDLE_WRITE_LOOKS') === '1') {
        file_put_contents($path, json_encode($looks, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");
    }

    expect(json_decode((string) file_get_contents($path), true))->toEqual(json_decode((string) json_encode($looks), true));
});

it('has words for everything that a bench shows, in both Englishes', function (string $path) {
    $board = Files::board($path);

    expect(json_encode((new BenchShape($board))->name(Look::of($board))))->not->toContain('bench.')->not->toContain('parts.');
})->with(Files::demoBoards());

it('writes on the blank blocks of a rose what findings call them, counted from the left', function () {
    $board = Files::board('database/patterns/gb-02-loop-in-at-the-rose.board.json');
    $rose = array_values(array_filter(
        array_merge(...array_column((new BenchShape($board))->name(Look::of($board))['enclosures'], 'devices')),
        fn (array $device) => $device['look'] === 'rose',
    ))[0];
    $blocks = array_values(array_filter($rose['landings'], fn (array $landing) => $landing['word'] !== ''));
    usort($blocks, fn (array $a, array $b) => $a['x'] <=> $b['x']);

    expect(array_column($blocks, 'word'))->toBe(['block 1', 'block 2', 'block 3'])
        ->and($blocks[1]['name'])->toContain('block 2');
});
