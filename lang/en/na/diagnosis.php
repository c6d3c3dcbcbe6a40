<?php

declare(strict_types=1);

return [
    'kind' => [
        'common-and-traveller-exchanged' => 'common and a traveler swapped',
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
    'all-dark' => 'Off in every combination so far. Is the cord plugged in and the breaker on? Reset it once. If it trips again, leave it off and look for a short, dead.',
    'halve' => 'It trips: leave it off, and do not keep resetting it. With it dead and the lamps out, split the circuit at a box in the middle and ohm out each half, hot to neutral and hot to ground. The short is in the half that reads close to zero; split that half again.',
    'taped' => 'tape on :ends',
    'bare' => 'no tape on :ends',
    'repair' => [
        'mark' => 'Tape :place: it is a hot.',
    ],
];
