<?php

declare(strict_types=1);

use App\Exceptions\SearchPutOff;
use App\Services\KeptPlans;
use App\Services\SearchGate;
use App\Services\Stopwatch;
use Illuminate\Support\Facades\Cache;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Plan\Search\TimeLimit;

/** A board that cannot be searched to its end: sixteen switches, eight lights, every cable open. */
function endless(int $cables = 60): array
{
    $boxes = [['id' => 'F', 'kind' => 'supply', 'label' => 'Feed']];
    $devices = [['id' => 'PS', 'in' => 'F', 'model' => 'na-supply', 'breakerA' => 15]];
    $controls = [];
    for ($i = 1; $i <= 16; $i++) {
        $boxes[] = ['id' => "B$i", 'kind' => 'switch-box', 'label' => "Box $i", 'material' => 'plastic'];
        $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => 'na-switch-3way'];
        if ($i % 2 === 0) {
            $boxes[] = ['id' => "L$i", 'kind' => 'light-box', 'label' => "Light $i", 'material' => 'plastic'];
            $devices[] = ['id' => "LA$i", 'in' => "L$i", 'model' => 'na-lampholder'];
            $controls[] = ['lamps' => ["LA$i"], 'switches' => ['S'.($i - 1), "S$i"]];
        }
    }
    $ids = array_column($boxes, 'id');
    $runs = [];
    for ($i = 0; $i < $cables; $i++) {
        $from = $i < count($ids) - 1 ? $i : $i % count($ids);
        $to = $i < count($ids) - 1 ? $i + 1 : ($i * 7 + 3) % count($ids);
        $from === $to || $runs[] = ['id' => "W$i", 'type' => 'any', 'from' => $ids[$from], 'to' => $ids[$to]];
    }

    return [
        'format' => 'zwindle-board',
        'version' => 1,
        'title' => 'Endless',
        'practice' => 'na',
        'code' => 'NEC-2023',
        'enclosures' => $boxes,
        'devices' => $devices,
        'cables' => $runs,
        'controls' => $controls,
        'alwaysOn' => [],
    ];
}

/** A watch on which every look costs ten milliseconds: what hangs on time comes out the same on any machine. */
function countedTime(): void
{
    app()->bind(Stopwatch::class, fn () => new class extends Stopwatch
    {
        private int $looks = 0;

        public function ms(): float
        {
            return 10.0 * $this->looks++;
        }
    });
}

it('answers about a board without end when its time is up, and says that it is not finished', function (int $cables) {
    countedTime();
    $look = $this->actingAs(People::user('instructor'))
        ->call('POST', 'api/drawing-looks', content: (string) json_encode(endless($cables)))
        ->assertOk()
        ->json();

    // Without a bound the search took half a minute: that it says so at all shows that it was cut off.
    expect($look['sentence'])->not->toBe('')
        ->and($look['sentence'])->not->toContain('cannot be wired');
})->with([40, 190]);

it('lets one search of a person through at a time, and another person pass', function () {
    [$one, $other] = [People::user('instructor'), People::user('instructor')];
    $gate = new SearchGate;
    $seen = $gate->pass($one, function () use ($gate, $one, $other): array {
        try {
            $gate->pass($one, fn () => 'second');
        } catch (SearchPutOff $putOff) {
            return [$putOff->status, $gate->pass($other, fn () => 'other')];
        }

        return [];
    });

    expect($seen)->toBe([429, 'other'])->and($gate->pass($one, fn () => 'again'))->toBe('again');
});

it('ends an earlier look when a newer one comes', function () {
    countedTime();
    $user = People::user('instructor');
    $end = fn () => (new SearchGate)->pass($user, function () use ($user): string {
        Cache::put("search/ticket/$user->id", PHP_INT_MAX, 20);
        for ($i = 0; $i < 1000; $i++) {
            if (TimeLimit::isUp()) {
                return 'time was up';
            }
        }

        return 'never asked';
    }, isLook: true);

    expect($end)->toThrow(SearchPutOff::class, __('messages.search-overtaken'));
});

it('asks to come again where a search is under way', function () {
    $user = People::user('instructor');
    $lock = Cache::lock("search/of/$user->id", 20);
    $lock->get();
    $this->actingAs($user)
        ->getJson('api/board-files/'.People::boardFile()->id.'/plans')
        ->assertStatus(429)
        ->assertJsonPath('again', true)
        ->assertHeader('Retry-After', '1');
    $lock->release();
    $this->getJson('api/board-files/'.People::boardFile()->id.'/plans')->assertOk();
});

it('keeps plans by board, edition and engine', function () {
    $board = Files::board('database/demo/seed-store/board.json');
    $plans = new KeptPlans;
    $first = $plans->all($board);
    $again = $plans->all($board);
    $one = $plans->one($board, 0);

    expect(count($again->plans))->toBe(count($first->plans))->and($one?->identity())->toBe($first->plans[0]->identity())
        ->and($plans->one($board, 999))->toBeNull()
        ->and($plans->one(
            $board,
            0,
            Zwindle\Catalogue\Editions\Editions::find('NEC-2023'),
        )?->result->evidence->edition->id)->toBe('NEC-2023')
        ->and($plans->one($board, 0)?->result->evidence->edition->id)->toBe($board->edition->id);
});

it('keeps no planning that was cut off by time', function () {
    $board = Files::board('database/demo/packing-barn/board.json');
    $cut = TimeLimit::within(fn () => true, fn () => Zwindle\Plan\Planner::plan($board, all: true));
    expect($cut->isFinished())->toBeFalse()->and((new KeptPlans)->all($board)->plans)->not->toBe([]);
});
