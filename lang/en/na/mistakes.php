<?php

return [
    'what' => [
        'common-and-traveller-exchanged' => 'common and a traveler swapped at :device (:screw, :other)',
        'pair-split' => 'a traveler pair split across the two pairs of :device (:screw, :other)',
        'look-alike-part' => 'a two-pole on/off in place of :device',
        'lamp-on-permanent-line' => ':first on the permanent hot instead of the switch leg',
        'neutral-on-earth' => ':first with the grounds instead of the neutral',
        'line-and-neutral-exchanged' => ':first and :second swapped: hot and neutral reversed',
        'earth-off' => ':first disconnected: open ground',
        'line-unmarked' => ':first not re-identified',
        'loose-splice' => ':first pulled out of its splice with :second',
        'switched-line-with-neutrals' => ':first with the neutrals: the breaker trips when the switch is on',
        'ground-on-live-screw' => ':first on :second: a ground on a live screw',
        'line-on-metal' => ':first on :second: a hot on metal',
        'pinched-under-cover' => ':first and :second pinched under the cover',
        'earth-tail-missing' => 'no tail from the grounds to :first',
        'outlet-reversed' => 'hot and neutral reversed at :device (:screw, :other)',
        'always-on-switched' => ':first on the switch leg, but it should always be on',
        'rocker-inverted' => ':device on when it is up',
        'pull-chain-off' => 'the pull chain of :device is off',
        'lamp-blown' => 'the lamp burned out in :device',
    ],
    'probe' => ':box: tester from :point to ground, through every position: is it ever live?',
    'ohm' => ':box: take :device out and ohm it out, position by position.',
    'reversed' => 'Three-ways and four-ways can be mounted either way up, so tables that differ only by that count as one.',
];
