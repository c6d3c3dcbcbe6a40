<?php

declare(strict_types=1);

use App\Shapes\Bench\VerdictShape;
use App\Shapes\Boards\PrepareShape;
use Tests\Support\Artisan;
use Tests\Support\EveryBoard;
use Tests\Support\RandomWiring;
use Tests\Support\Share;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\StandardBox;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Advice;

/** @return list<string> texts of a page that people read: what is a name of a part, a kind or a code is none */
function textsIn(mixed $page): array
{
    return match (true) {
        is_string($page) => str_contains($page, ' ') ? [$page] : [],
        is_array($page) => array_merge(...array_map(textsIn(...), array_values($page)), ...[[]]),
        default => [],
    };
}

/** @return list<string> ids that no text may have in it */
function catalogueIds(): array
{
    return [
        ...array_keys(DeviceCatalogue::all()),
        ...array_map(fn (StandardBox $box) => $box->id, StandardBox::all()),
        ...array_merge(...array_map(
            fn (Practice $practice) => array_map(fn (CableType $type) => $type->id, CableType::of($practice)),
            array_values(Practice::all()),
        )),
    ];
}

it('says no id of the catalogue in any text, over random wirings of every board', function () {
    $ids = implode('|', array_map(fn (string $id) => preg_quote($id, '/'), catalogueIds()));
    $random = new RandomWiring(seed: 28);
    $boards = EveryBoard::wired();
    $paths = array_keys($boards);
    $raw = [];
    $read = 0;
    foreach (Share::of(most: 40, least: 12, seconds: 6.0) as $i) {
        $path = $paths[($i * 7) % count($paths)];
        $right = $boards[$path];
        [$spoilt] = $random->moved($right, $i % 4);
        $plan = Planner::plan($right->board)->plans[0];
        $pages = [(new VerdictShape(Checker::check($spoilt), Advice::of(Checker::check($spoilt)), null))->json(), (new PrepareShape($plan))->json()];
        foreach (textsIn($pages) as $text) {
            $read++;
            $raw = preg_match("/(?<![\\w.-])($ids)(?![\\w.-])/", $text) === 1 ? [...$raw, $text] : $raw;
        }
    }

    expect($read)->toBeGreaterThan(400)->and($raw)->toBe([]);
});

it('says none on a page of box fill', function (string $path) {
    $output = Artisan::run(['zwindle:fill', $path])->getOutput();
    $ids = implode('|', array_map(fn (string $id) => preg_quote($id, '/'), catalogueIds()));

    expect($output)->toContain('in³')->not->toMatch("/(?<![\\w.-])($ids)(?![\\w.-])/");
})->with(['database/demo/propagation-house/board.json', 'database/demo/packing-barn/board.json', 'tests/Corpus/findings/box-overfilled/has.board.json']);
