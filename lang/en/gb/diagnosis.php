<?php

declare(strict_types=1);

return [
    'kind' => [
        'common-and-traveller-exchanged' => 'common and a strapper swapped',
        'pair-split' => 'strapper pair split',
        'lamp-on-permanent-line' => 'lamp on the permanent line',
        'neutral-on-earth' => 'neutral in the earth terminal',
        'line-and-neutral-exchanged' => 'line and neutral reversed',
        'earth-off' => 'CPC disconnected',
        'line-unmarked' => 'line not sleeved',
        'switched-line-with-neutrals' => 'switched live in the neutral block',
        'ground-on-live-screw' => 'CPC on a live terminal',
        'line-on-metal' => 'line on metal',
        'earth-tail-missing' => 'earth tail missing',
        'outlet-reversed' => 'socket reversed',
        'always-on-switched' => 'permanent load on the switched live',
        'rocker-inverted' => 'rocker upside down',
        'pull-chain-off' => 'cord switch off',
        'onward-forgotten' => 'onward cable forgotten',
        'lamp-blown' => 'lamp blown',
    ],
    'all-dark' => 'Off in every combination so far. Is the main switch on, and are the MCBs and the RCD up? Reset once. If it trips again, leave it off and look for the short, dead. For a light that stays off, try a known good lamp before any live test.',
    'halve' => 'It trips: leave it off, and do not keep resetting it. With it dead and the lamps out, split the circuit at a point in the middle and test each half, line to neutral and line to earth. The short is in the half that reads close to zero; split that half again.',
    'taped' => 'sleeve on :ends',
    'bare' => 'no sleeve on :ends',
    'repair' => [
        'mark' => 'Sleeve :place brown: it is line.',
    ],
];
