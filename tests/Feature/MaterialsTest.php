<?php

declare(strict_types=1);

use App\Wording\CsvTable;
use Tests\Support\People;

it('lists materials, lengths to cut and labels in the units of the practice', function () {
    $this->actingAs(People::user('instructor'));
    $american = People::boardFile();
    $british = People::boardFile('boat-store');
    $json = $this->getJson("api/board-files/$american->id/plans/0/materials")->assertOk()->json();
    $metric = $this->getJson("api/board-files/$british->id/plans/0/materials")->assertOk()->json();

    expect($json['materials'])->toContain(['kind' => 'device', 'what' => 'three-way', 'amount' => '2'])
        ->and($json['allowed'])->toContain('0.8 ft at each end', '5 % waste')
        // The cord is 2.0 m: (2 + 2 × 0.23) × 1.05 = 2.583, cut at 2.6 m, 8.5 ft.
        ->and($json['cuts'][0])->toBe(['cable' => 'W1', 'type' => '14/2', 'from' => 'Supply cord', 'to' => 'Gate post', 'run' => '6.6 ft', 'cut' => '8.5 ft'])
        ->and($json['labels'][0])->toBe(['cable' => 'W1', 'end' => 'Supply cord', 'other' => 'Gate post', 'carries' => 'BLK hot, WHT neutral, BARE ground'])
        ->and(count($json['labels']))->toBe(6)
        ->and($metric['materials'])->toContain(['kind' => 'mark', 'what' => 'brown sleeve, one end', 'amount' => '2'])
        ->and($metric['cuts'][0]['cut'])->toEndWith(' m');
});

it('reckons with other allowances, and for a class set', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $json = $this->getJson("api/board-files/$file->id/plans/0/materials?sets=12&end=0&waste=0&round=0.5")->assertOk()->json();

    expect($json['materials'])->toContain(['kind' => 'device', 'what' => 'three-way', 'amount' => '24'])->and($json['cuts'][0]['cut'])->toBe('6.6 ft');
    foreach (['sets=0', 'sets=1000', 'end=-1', 'waste=200', 'round=0', 'csv=secrets'] as $absurd) {
        $this->getJson("api/board-files/$file->id/plans/0/materials?$absurd")->assertStatus(422);
    }
});

it('gives each list as a table to download', function (string $table, string $head) {
    $file = People::boardFile();
    $answer = $this->actingAs(People::user('instructor'))->get("api/board-files/$file->id/plans/0/materials?csv=$table")->assertOk();

    expect($answer->getContent())->toStartWith("\u{FEFF}$head\r\n")->and($answer->headers->get('Content-Disposition'))->toContain("$table.csv");
})->with([['materials', '"kind","what","amount"'], ['cuts', '"cable","type","from","to","run","cut"'], ['labels', '"cable","end","other","carries"']]);

it('keeps the lists from trainees', function () {
    $people = new People;

    $this->actingAs($people->trainee)->getJson("api/board-files/{$people->assignment->boardFile->id}/plans/0/materials")->assertNotFound();
});

it('writes tables that a spreadsheet takes for words only', function () {
    expect(CsvTable::of(['a', 'b'], [['x' => '=1+1', 'y' => 'say "so", twice']]))->toBe("\u{FEFF}\"a\",\"b\"\r\n\"'=1+1\",\"say \"\"so\"\", twice\"\r\n");
});
