<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Rehearsal\Journey;

/*
 * An evening that an instructor makes herself, on a class, a board and a task that no demo has. `composer rehearse SEED COUNT` goes on
 * from a seed of its own; here every kind of task is practised, sat as an exam, and sat in an evening.
 */

const KINDS = ['wire', 'finish', 'fault', 'predict', 'trace', 'names', 'parts'];

const WAYS = ['practice', 'exam', 'evening'];

/** @return iterable<string, array{int, string, string}> seed, kind and way */
function rehearsals(): iterable
{
    $first = (int) (getenv('REHEARSE_SEED') ?: 1);
    $count = (int) (getenv('REHEARSE_COUNT') ?: count(KINDS) * count(WAYS));
    for ($i = 0; $i < $count; $i++) {
        $seed = $first + $i;
        [$kind, $way] = [KINDS[($seed - 1) % count(KINDS)], WAYS[intdiv($seed - 1, count(KINDS)) % count(WAYS)]];
        yield "$seed: $kind, $way" => [$seed, $kind, $way];
    }
}

it('goes through an evening of its own, and everything that it is told agrees', function (int $seed, string $kind, string $way) {
    $journey = new Journey($this, $seed, $kind, $way);
    $journey->run();

    // A retest that nobody has sat yet is judged by nobody.
    $unjudged = DB::table('attempts')->whereNotNull('handed_in_at')->whereNull('verdict');
    expect($journey->worked)->not->toBe([])->and($unjudged->count())->toBe(0);
})->with(fn () => rehearsals());
