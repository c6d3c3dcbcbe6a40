<?php

return [
    'what' => [
        'common-and-traveller-exchanged' => 'common and a traveler exchanged at :device (:screw, :other)',
        'pair-split' => 'a traveler pair split across the two pairs of :device (:screw, :other)',
        'look-alike-part' => 'a two-pole on/off in place of :device',
        'lamp-on-permanent-line' => ':first on the permanent hot instead of the switch leg',
        'neutral-on-earth' => ':first with the grounds instead of the neutral',
        'line-and-neutral-exchanged' => ':first and :second exchanged: hot and neutral reversed',
        'earth-off' => ':first off: the ground is open',
        'line-unmarked' => ':first not re-identified',
        'loose-splice' => ':first out of its splice with :second',
        'lamp-blown' => 'the lamp burned out in :device',
    ],
    'probe' => ':box: tester from :point to ground, through every position: is it ever live?',
    'ohm' => ':box: take :device out and ohm it out, position by position.',
    'reversed' => 'Three-ways and four-ways may hang either way up: tables that differ by that alone are one.',
];
