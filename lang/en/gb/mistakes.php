<?php

return [
    'what' => [
        'common-and-traveller-exchanged' => 'common and a strapper swapped at :device (:screw, :other)',
        'pair-split' => 'a pair of strappers split across the two pairs of :device (:screw, :other)',
        'look-alike-part' => 'a double-pole on/off in place of :device',
        'lamp-on-permanent-line' => ':first on the permanent line instead of the switched live',
        'neutral-on-earth' => ':first with the earths instead of the neutral',
        'line-and-neutral-exchanged' => ':first and :second swapped: line and neutral reversed',
        'earth-off' => ':first disconnected: open CPC',
        'line-unmarked' => ':first not sleeved',
        'loose-splice' => ':first pulled out of its joint with :second',
        'switched-line-with-neutrals' => ':first with the neutrals: it trips when the switch is on',
        'ground-on-live-screw' => ':first in :second: a CPC in a live terminal',
        'line-on-metal' => ':first on :second: a line on metal',
        'pinched-under-cover' => ':first and :second trapped under the cover',
        'earth-tail-missing' => 'no tail from the earths to :first',
        'outlet-reversed' => 'line and neutral reversed at :device (:screw, :other)',
        'always-on-switched' => ':first on the switched live, but it should always be on',
        'rocker-inverted' => ':device on L2 instead of L1: on when the rocker is up',
        'pull-chain-off' => 'the cord of :device is off',
        'lamp-blown' => 'the lamp blown in :device',
    ],
    'probe' => ':box: tester from :point to earth, through every position: is it ever live?',
    'ohm' => ':box: take :device out and test its continuity, position by position.',
    'reversed' => 'Two-ways and intermediates can be mounted either way up, so tables that differ only by that count as one.',
];
