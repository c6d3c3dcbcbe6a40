<?php

declare(strict_types=1);

use Tests\Support\Evenings;
use Zwindle\Evening\Conflict;
use Zwindle\Evening\ConflictRule;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Pause;
use Zwindle\Evening\Person;
use Zwindle\Evening\Seating\EveningPlanner;
use Zwindle\Evening\Sitting;
use Zwindle\Evening\Station;

function eveningPlan(EveningDraft $evening): EveningPlan
{
    $plan = EveningPlanner::plan($evening);

    return $plan instanceof EveningPlan ? $plan : throw new LogicException($plan->value);
}

it('ends the evening of the contract after 33 minutes, proved', function () {
    $plan = eveningPlan(new EveningDraft(
        'Practical, first year',
        ['P1' => new Person('P1', 'Person one', 25), 'P2' => new Person('P2', 'Person two')],
        ['T1' => new Station('T1', 'By the door', ['T2']), 'T2' => new Station('T2', 'By the window')],
        15, 3, 4, ['P2'], [new Pause(60, 75)],
    ));

    expect([$plan->minutes, $plan->atLeast, count($plan->sittings), $plan->conflicts])->toBe([33, 33, 3, []]);
});

it('finds what brute force finds, and keeps every rule', function (int $seed) {
    $evening = Evenings::random($seed, 3);
    $plan = eveningPlan($evening);

    expect(Evenings::broken($plan->sittings, $evening))->toBe([])
        ->and([$plan->minutes, $plan->atLeast])->toBe(array_fill(0, 2, Evenings::soonest($evening)));
})->with([...range(1, 12), ...range(14, 25)]); // brute force takes a minute over the thirteenth

it('proves any evening of twelve sittings where variants are not short', function (int $seed) {
    $any = Evenings::random($seed, 12);
    $evening = new EveningDraft(
        $any->title, $any->people, $any->stations, $any->minutes, $any->changeover, 5, $any->retests, $any->breaks,
    );
    $plan = eveningPlan($evening);

    expect(Evenings::broken($plan->sittings, $evening))->toBe([])->and($plan->isProved())->toBeTrue();
})->with(range(100, 130));

it('fills twelve sittings at three stations without a gap: four rounds and three changeovers', function () {
    $plan = eveningPlan(Evenings::plain(12, 3));

    expect([$plan->minutes, $plan->atLeast])->toBe([4 * 15 + 3 * 3, 69]);
});

it('plans two hundred at forty stations within every rule', function () {
    $base = Evenings::plain(200, 40);
    $evening = new EveningDraft('', Evenings::people(200, 5), $base->stations, 15, 3, 4, [], [new Pause(60, 75)]);
    $plan = eveningPlan($evening);

    expect(Evenings::broken($plan->sittings, $evening))->toBe([])
        ->and($plan->minutes - $plan->atLeast)->toBeLessThanOrEqual(10);
});

it('lets neighbours sit one after another where there is one variant', function () {
    $plan = eveningPlan(Evenings::plain(3, 3, variants: 1));

    // The outer two at once, the middle one after them.
    expect([$plan->minutes, $plan->atLeast])->toBe([30, 30]);
});

it('uses the time before a break for the sittings that fit there together', function () {
    // 15 and 19 minutes with a changeover fit before minute 37, two of 15 and then one of 19 would not use it.
    $evening = new EveningDraft('', Evenings::people(4, 2), Evenings::row(1), 15, 3, 2, [], [new Pause(37, 40)]);
    $plan = eveningPlan($evening);

    expect($plan->minutes)->toBe(40 + 37)->and(Evenings::broken($plan->sittings, $evening))->toBe([]);
});

it('keeps who has begun and lets nobody else begin before now', function (int $seed) {
    $evening = Evenings::random($seed, 9);
    $first = eveningPlan($evening);
    $now = intdiv($first->minutes, 3);
    $begun = array_values(array_filter($first->sittings, fn (Sitting $sitting) => $sitting->from < $now));
    $people = $evening->people + ['P90' => new Person('P90', 'Late one'), 'P91' => new Person('P91', 'Late two')];
    $later = new EveningDraft(
        '', $people, $evening->stations, $evening->minutes, $evening->changeover, $evening->variants, $evening->retests,
        $evening->breaks, $begun, $now,
    );
    $plan = eveningPlan($later);
    $new = array_filter($plan->sittings, fn (Sitting $sitting) => ! in_array($sitting, $begun, true));

    expect(Evenings::broken($plan->sittings, $later))->toBe([])
        ->and(array_values(array_filter($plan->sittings, fn (Sitting $sitting) => in_array($sitting, $begun, true))))->toHaveCount(count($begun))
        ->and(array_filter($new, fn (Sitting $sitting) => $sitting->from < $now))->toBe([])
        ->and($plan->conflicts)->toBe([])
        ->and($plan->atLeast)->toBeLessThanOrEqual($plan->minutes);
})->with(range(200, 220));

it('keeps fixed sittings that break a rule and names the rule', function (array $fixed, array $rules, array $change = []) {
    $evening = new EveningDraft(
        'Moved by hand',
        ['P1' => new Person('P1', 'One', 25), 'P2' => new Person('P2', 'Two', notBefore: 10), 'P3' => new Person('P3', 'Three')],
        Evenings::row(2), 15, 3, 2, $change['retests'] ?? [], [new Pause(60, 75)],
        array_map(fn (array $sitting) => new Sitting(...$sitting), $fixed),
    );
    $plan = eveningPlan($evening);
    $kept = array_filter($evening->fixed, fn (Sitting $sitting) => in_array($sitting, $plan->sittings, true));

    expect(array_values(array_unique(array_map(fn (Conflict $conflict) => $conflict->rule, $plan->conflicts), SORT_REGULAR)))->toBe($rules)
        ->and($kept)->toHaveCount(count($fixed));
})->with([
    'nothing broken' => [[['P3', 'T1', 20, 35, 1]], []],
    'a break' => [[['P3', 'T1', 50, 65, 1]], [ConflictRule::Break]],
    'too early' => [[['P2', 'T1', 0, 15, 1]], [ConflictRule::NotBefore]],
    'too short' => [[['P1', 'T1', 0, 15, 1]], [ConflictRule::TooShort]],
    'no such variant' => [[['P3', 'T1', 0, 15, 3]], [ConflictRule::Variant]],
    'no changeover' => [[['P3', 'T1', 0, 15, 1], ['P2', 'T1', 16, 31, 2]], [ConflictRule::Changeover]],
    'neighbours alike' => [[['P3', 'T1', 10, 25, 1], ['P2', 'T2', 12, 27, 1]], [ConflictRule::Neighbours]],
    'twice' => [[['P3', 'T1', 0, 15, 1], ['P3', 'T1', 20, 35, 2]], [ConflictRule::Twice]],
    'retest alike' => [
        [['P3', 'T1', 0, 15, 1], ['P3', 'T1', 20, 35, 1, true]], [ConflictRule::RetestVariant], ['retests' => ['P3']],
    ],
    'retest too soon' => [
        [['P3', 'T1', 0, 15, 1], ['P3', 'T2', 16, 31, 2, true]], [ConflictRule::RetestGap], ['retests' => ['P3']],
    ],
    'retest before anything can be' => [[['P3', 'T1', 5, 20, 1, true]], [ConflictRule::RetestGap], ['retests' => ['P3']]],
]);

it('puts the first sitting before a retest that is fixed', function () {
    $evening = new EveningDraft(
        '', Evenings::people(1), Evenings::row(1), 15, 3, 2, ['P1'], [], [new Sitting('P1', 'T1', 40, 55, 2, true)],
    );
    $plan = eveningPlan($evening);

    expect($plan->sittings[0]->to)->toBeLessThanOrEqual(37)
        ->and($plan->sittings[0]->variant)->toBe(1)
        ->and($plan->sittings[0]->isRetest)->toBeFalse()
        ->and($plan->minutes)->toBe(55);
});

it('has no sittings for nobody', function () {
    $plan = eveningPlan(new EveningDraft('', [], Evenings::row(2), 15, 3, 2));

    expect([$plan->sittings, $plan->minutes, $plan->atLeast])->toBe([[], 0, 0]);
});

it('says why there can be no plan', function () {
    expect(EveningPlanner::plan(new EveningDraft('', Evenings::people(1), [], 15, 3, 2)))->toBe(NoEvening::NoStation)
        ->and(EveningPlanner::plan(new EveningDraft('', Evenings::people(1), Evenings::row(1), 15, 3, 1, ['P1'])))
        ->toBe(NoEvening::OneVariant);
});
