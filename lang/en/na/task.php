<?php

return [
    'habit' => [
        'twisting' => [
            'twist-first' => 'Twist the conductors before the wire nut goes on.',
            'connector-alone' => 'Hold the conductors even and let the wire nut twist them.',
        ],
        'white-as-return' => [
            'either' => 'The re-identified white may take the hot out or bring it back.',
            'line-out-on-white' => 'The re-identified white takes the hot out, and black or red brings it back.',
            'return-on-white' => 'The re-identified white may bring the switch leg back.',
        ],
        'order-of-work' => [
            'box-by-box' => 'Work box by box: grounds, neutrals, hots, travelers last.',
            'farthest-first' => 'Work farthest first: neutral all the way, switch leg, hot, travelers last.',
        ],
        'neutral-at' => [
            'by-code' => 'A neutral at the switches where the code asks for it.',
        ],
    ],
    'habit-name' => [
        'twisting' => 'twisting before the wire nut',
        'white-as-return' => 'the white of a switch loop',
    ],
    'question' => [
        'common' => ':device: which screw is the common?',
    ],
    'lamp' => [
        'trip' => 'the breaker trips',
    ],
    'rule' => [
        'line-unmarked' => 'a hot is not re-identified',
        'return-on-white' => 'a white brings the switch leg back',
        'neutral-colour' => 'a neutral that is not white or gray',
        'crowded-terminal' => 'more than one conductor under a screw',
        'earth-unsleeved' => 'a bare ground not marked',
        'scheme-not-accepted-everywhere' => 'commons tied together',
        'white-single-as-line' => 'a white single used as a hot',
        'flex-reversed' => 'a pendant reversed',
        'rose-blocks-exchanged' => 'a rose with hot and switch leg swapped',
        'rcd-absent' => 'no GFCI',
        'breaker-too-large' => 'a breaker too large for the conductors',
        'rocker-inverted' => 'a switch is on when it is up',
    ],
    'odd' => [
        'terminals-exchanged' => 'The two screws of :what swapped',
        'travellers-exchanged' => 'The travelers swapped at :what',
        'in-connector' => 'A splice with a pigtail at :what',
    ],
];
