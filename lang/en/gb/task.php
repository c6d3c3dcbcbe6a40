<?php

return [
    'habit' => [
        'twisting' => [
            'twist-first' => 'Twist the conductors together before they go into the terminal.',
            'connector-alone' => 'Lay the conductors side by side in the terminal, not twisted.',
        ],
        'white-as-return' => [
            'either' => 'The sleeved blue of a drop may take the line down or bring it back.',
            'line-out-on-white' => 'The sleeved blue of a drop takes the line down, the brown brings it back.',
            'return-on-white' => 'The brown of a drop takes the line down, the sleeved blue brings it back.',
        ],
        'order-of-work' => [
            'box-by-box' => 'Work box by box: earths, neutrals, lines, strappers last.',
            'farthest-first' => 'Work farthest first: neutral all the way, switched live, line, strappers last.',
        ],
        'l1-or-l2' => [
            'either' => 'L1 or L2, as you like.',
            'l1' => 'A switch used one-way is wired on COM and L1.',
            'l2' => 'A switch used one-way may be wired on COM and L2.',
        ],
    ],
    'habit-name' => [
        'twisting' => 'twisting before the terminal',
        'white-as-return' => 'the blue of a switch drop',
        'l1-or-l2' => 'L1 or L2 of a switch used one-way',
    ],
    'question' => [
        'common' => ':device: which terminal is the common?',
    ],
    'lamp' => [
        'trip' => 'the breaker or the RCD trips',
    ],
    'rule' => [
        'line-unmarked' => 'a line conductor of another colour is not sleeved',
        'return-on-white' => 'a sleeved blue brings the switched live back',
        'neutral-colour' => 'a neutral that is not blue',
        'crowded-terminal' => 'too many conductors in a terminal',
        'earth-unsleeved' => 'a bare CPC not sleeved',
        'white-single-as-line' => 'a white single used as a line',
        'flex-reversed' => 'a pendant’s flex reversed',
        'rose-blocks-exchanged' => 'permanent line and switched live swapped in a rose',
        'rcd-absent' => 'no RCD',
        'breaker-too-large' => 'a breaker too large',
        'rocker-inverted' => 'a switch used one-way is wired on COM and L2',
        'scheme-not-accepted-everywhere' => 'commons linked',
    ],
    'odd' => [
        'terminals-exchanged' => 'The two terminals of :what swapped',
        'travellers-exchanged' => 'The strappers swapped at :what',
        'in-connector' => 'A connector with a link at :what',
    ],
];
