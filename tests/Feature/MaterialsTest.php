<?php

declare(strict_types=1);

use App\Shapes\Classes\CsvTable;
use Tests\Support\People;

it('lists materials, lengths to cut and labels in the units of the practice', function () {
    $this->actingAs(People::user('instructor'));
    $american = People::boardFile();
    $british = People::boardFile('boat-store');
    $json = $this->getJson("api/board-files/$american->id/plans/0/materials")->assertOk()->json();
    $metric = $this->getJson("api/board-files/$british->id/plans/0/materials")->assertOk()->json();

    expect($json['materials'])->toContain(['kind' => 'device', 'what' => 'three-way', 'amount' => '2', 'cost' => '', 'short' => ''])
        ->and($json['allowed'])->toBe('9 in free conductor and ¼ in sheath at each end, 5 % waste, rounded up to the next 6 in')
        // The cord is 2.0 m: (2 + 2 × (0.2286 + 0.00635)) × 1.05 = 2.5934 m, 8.51 ft, cut at the next half foot.
        ->and($json['cuts'][0])->toBe([
            'cable' => 'W1',
            'type' => '14/2',
            'from' => 'Supply cord',
            'to' => 'Gate post',
            'run' => '6 ft 7 in',
            'cut' => '9 ft',
        ])
        ->and($json['labels'][0])->toBe([
            'cable' => 'W1',
            'end' => 'Supply cord',
            'other' => 'Gate post',
            'carries' => 'BLK hot, WHT neutral, BARE ground',
        ])
        ->and(count($json['labels']))->toBe(6)
        ->and($metric['materials'])->toContain([
            'kind' => 'mark',
            'what' => 'brown sleeve, one end',
            'amount' => '2',
            'cost' => '',
            'short' => '',
        ])
        ->and($metric['cuts'][0]['cut'])->toEndWith(' m');
});

it('reckons with other allowances, and for a class set', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $json = $this->getJson("api/board-files/$file->id/plans/0/materials?sets=12&free=0&sheath=0&waste=0&round=12")->assertOk()->json();

    expect($json['materials'])->toContain(['kind' => 'device', 'what' => 'three-way', 'amount' => '24', 'cost' => '', 'short' => ''])
        ->and($json['cuts'][0]['cut'])->toBe('7 ft');
    foreach (['sets=0', 'sets=1000', 'free=-1', 'free=4000', 'round=9000', 'sheath=x', 'waste=200', 'round=0', 'csv=secrets'] as $absurd) {
        $this->getJson("api/board-files/$file->id/plans/0/materials?$absurd")->assertStatus(422);
    }
});

it('gives each list as a table to download', function (string $table, string $head) {
    $file = People::boardFile();
    $answer = $this->actingAs(People::user('instructor'))->get("api/board-files/$file->id/plans/0/materials?csv=$table")->assertOk();

    expect($answer->getContent())->toStartWith("\u{FEFF}$head\r\n")
        ->and($answer->headers->get('Content-Disposition'))->toContain(rawurlencode(__("paper.file.$table")).'.csv');
})->with([
    ['materials', '"kind","what","amount","cost","short"'],
    ['schedule', '"box","cable","conductor","carries","lands on","mark"'],
    ['cuts', '"cable","type","from","to","run","cut"'],
    ['labels', '"cable","end","other","carries"'],
]);

it('prices the list from what the instructor keeps, and says what the shelf is short of', function () {
    $file = People::boardFile();
    $instructor = People::user('instructor');
    $keep = fn (array $line) => $this->actingAs($instructor)->putJson('api/stock-lines', ['practice' => 'na', ...$line])->assertNoContent();
    $keep(['part' => 'device na-switch-3way', 'price' => 3.49, 'held' => 20]);
    $keep(['part' => 'device na-switch-3way', 'price' => 3.50, 'held' => 20]);
    $keep(['part' => 'cap cap', 'price' => null, 'held' => 5]);
    $list = fn ($who) => $this->actingAs($who)->getJson("api/board-files/$file->id/plans/0/materials?sets=12")->assertOk()->json();
    $mine = $list($instructor);
    $row = array_search('device na-switch-3way', array_column($mine['shelf'], 'part'), true);

    expect($mine['materials'][$row])->toBe([
        'kind' => 'device',
        'what' => 'three-way',
        'amount' => '24',
        'cost' => '$84.00',
        'short' => '4',
    ])
        ->and($mine['shelf'][$row])->toBe(['part' => 'device na-switch-3way', 'price' => '3.50', 'held' => '20', 'unit' => 'each'])
        ->and($mine['total'])->toStartWith('Total without the ')->toEndWith(': $84.00')
        ->and($list(People::user('instructor'))['total'])->toBe('');
    $keep(['part' => 'device na-switch-3way', 'price' => null, 'held' => null]);
    expect($list($instructor)['total'])->toBe('');
});

it('refuses a price that is none, and prices from a trainee', function () {
    $line = ['practice' => 'na', 'part' => 'device na-switch-3way', 'price' => 1, 'held' => 1];
    foreach ([['price' => -1], ['held' => 'many'], ['practice' => 'fr'], ['part' => '']] as $wrong) {
        $this->actingAs(People::user('instructor'))->putJson('api/stock-lines', [...$line, ...$wrong])->assertStatus(422);
    }
    $this->actingAs(People::user('trainee'))->putJson('api/stock-lines', $line)->assertForbidden();
});

it('says what to know before hands go to the board', function () {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile('boat-store');
    $json = $this->getJson("api/board-files/$file->id/plans/0/materials")->assertOk()->json();

    expect($json['roses'][0]['blocks'])->toContain(['block' => 'loop block', 'holes' => '2 conductors; room for 6, two per terminal'])
        ->and($json['readings'])->toContain([
            'what' => 'Insulation at 500 V d.c., lamps out, switches in every position: line to neutral, line to earth, neutral to earth',
            'with' => '',
            'reading' => 'at least 1 MΩ',
        ])
        ->and(array_column($json['readings'], 'reading'))->toContain('230 V, on', '0 V, off', 'open', '0 V, all three')
        // BS 7671 Table 41.3, B6 7.28 Ω; held to 0.8 when cold: 5.82 Ω (trade-facts section 6, memory).
        ->toContain('max. 5.82 Ω (0.8 × 7.28 Ω, Table 41.3)');
    // Proved dead, continuity, insulation, polarity; only then volts.
    $order = array_map(
        fn (string $start) => array_key_first(array_filter($json['readings'], fn (array $row) => str_starts_with($row['what'], $start))),
        ['Prove dead', 'R1+R2', 'Insulation', 'Polarity', 'Only then energise', 'Zs'],
    );
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)->not->toContain(null);
});

it('keeps the lists from trainees', function () {
    $people = new People;

    $this->actingAs($people->trainee)->getJson("api/board-files/{$people->assignment->boardFile->id}/plans/0/materials")->assertNotFound();
});

it('writes tables that a spreadsheet takes for words only', function () {
    expect(CsvTable::of(['a', 'b'], [[
        'x' => '=1+1',
        'y' => 'say "so", twice',
    ]]))->toBe("\u{FEFF}\"a\",\"b\"\r\n\"'=1+1\",\"say \"\"so\"\", twice\"\r\n");
});
