<?php

declare(strict_types=1);

return [
    'kind' => [
        'common-and-traveller-exchanged' => 'common and a traveler exchanged',
        'pair-split' => 'traveler pair split',
        'lamp-on-permanent-line' => 'light on the permanent hot',
        'neutral-on-earth' => 'neutral with the grounds',
        'line-and-neutral-exchanged' => 'hot and neutral reversed',
        'earth-off' => 'ground open',
        'line-unmarked' => 'hot not re-identified',
        'switched-line-with-neutrals' => 'switch leg with the neutrals',
        'ground-on-live-screw' => 'ground on a live screw',
        'line-on-metal' => 'hot on metal',
        'earth-tail-missing' => 'ground tail missing',
        'outlet-reversed' => 'receptacle reversed',
        'always-on-switched' => 'always-on load on the switch leg',
        'rocker-inverted' => 'switch on when up',
        'pull-chain-off' => 'pull chain off',
        'onward-forgotten' => 'cable going on forgotten',
        'lamp-blown' => 'lamp burned out',
    ],
    'all-dark' => 'All dark so far. Is the cord in, and the breaker on? Reset it once. If it trips again, leave it off and look for a short, dead.',
    'halve' => 'It trips: leave it off, and do not reset it again and again. Dead, take the circuit apart at a box in the middle and ohm out each half, hot to neutral and hot to ground, lamps out. The short is in the half that reads close to zero; halve that one again.',
    'taped' => 'tape on :ends',
    'bare' => 'no tape on :ends',
    'repair' => [
        'mark' => 'Put tape on :place: it is a hot.',
    ],
];
