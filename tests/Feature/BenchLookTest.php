<?php

declare(strict_types=1);

use App\Shapes\BenchShape;
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
