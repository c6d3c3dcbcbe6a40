<?php

declare(strict_types=1);

return [
    'kind' => [
        'common-and-traveller-exchanged' => 'common and a strapper exchanged',
        'pair-split' => 'strapper pair split',
        'lamp-on-permanent-line' => 'lamp on the permanent line',
        'neutral-on-earth' => 'neutral in the earth terminal',
        'line-and-neutral-exchanged' => 'line and neutral reversed',
        'earth-off' => 'CPC off',
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
    'all-dark' => 'All dark so far. Is the main switch on, and every MCB and the RCD up? Reset once. If it goes again, leave it off and look for the short, dead. A dead light: try a lamp that you know is good before any live probe.',
    'halve' => 'It trips: leave it off, and do not reset it again and again. Dead, part the circuit at a point in the middle and test each half, line to neutral and line to earth, lamps out. The short is in the half that reads close to zero; halve that one again.',
    'taped' => 'sleeve on :ends',
    'bare' => 'no sleeve on :ends',
    'repair' => [
        'mark' => 'Sleeve :place brown: it is a line.',
    ],
];
