<?php

return [
    'practice' => 'North America',
    'kind' => [
        'receptacle' => 'receptacle',
    ],
    'function' => [
        'one-pole' => 'single-pole',
        'three-way' => 'three-way',
        'four-way' => 'four-way',
        'two-pole' => 'two-pole on/off',
    ],
    'model' => [
        'na-supply' => 'supply',
        'na-lampholder' => 'lampholder',
        'na-luminaire' => 'luminaire',
        'na-receptacle' => 'receptacle',
    ],
    'role' => [
        'line' => 'hot',
        'switched-line' => 'switch leg',
        'traveller' => 'traveler',
        'earth' => 'ground',
    ],
    'colour' => [
        'grey' => 'gray',
        'bare' => 'bare ground',
    ],
    'box-earth' => 'the grounding screw of the box at :box',
    'own-earth' => 'the box grounding screw',
    'terminal' => [
        'na-supply' => [
            'line' => 'hot',
            'neutral' => 'neutral',
            'earth' => 'ground',
        ],
        'na-switch-1p' => [
            'a' => 'first brass screw',
            'b' => 'second brass screw',
            'earth' => 'ground screw',
        ],
        'na-switch-3way' => [
            'common' => 'common screw',
            't1' => 'first traveler screw',
            't2' => 'second traveler screw',
            'earth' => 'ground screw',
        ],
        'na-switch-4way' => [
            'a1' => 'first screw of pair A',
            'a2' => 'second screw of pair A',
            'b1' => 'first screw of pair B',
            'b2' => 'second screw of pair B',
            'earth' => 'ground screw',
        ],
        'na-switch-2p' => [
            'a1' => 'first screw of pair A',
            'a2' => 'second screw of pair A',
            'b1' => 'first screw of pair B',
            'b2' => 'second screw of pair B',
            'earth' => 'ground screw',
        ],
        'na-lampholder' => [
            'hot' => 'center contact screw',
            'neutral' => 'shell screw',
        ],
        'na-luminaire' => [
            'hot' => 'hot lead',
            'neutral' => 'neutral lead',
            'earth' => 'ground lead',
        ],
        'na-receptacle' => [
            'hot' => 'hot screw',
            'neutral' => 'neutral screw',
            'earth' => 'ground screw',
        ],
    ],
    'switch-earth' => ['metal' => 'ground screw', 'plastic' => 'ground screw'],
    'role-as' => ['line' => 'a hot', 'switched-line' => 'a switch leg', 'traveller' => 'a traveler', 'neutral' => 'a neutral', 'earth' => 'a ground'],
    'scheme' => [
        'single' => 'single-pole switch',
        'feed-through' => 'feed-through',
        'dead-end' => 'dead-end run',
        'light-fed' => 'fed at the light',
        'common-link' => 'commons tied together (not accepted everywhere)',
    ],
    'scheme-note' => [
        'dead-end' => 'Feed and switch leg meet in one box; the chain runs out from it and comes back.',
        'light-fed' => 'The feed comes to the light first.',
        'line-out-on-white' => 'The re-identified white takes the hot out and the black brings the switch leg back: this keeps to 200.7(C).',
        'return-on-white' => 'The re-identified white brings the switch leg back. :section does not allow the white as the return; many inspectors pass it, since it works.',
        'line-out-on-white-unmarked' => 'The white takes the hot out and the black brings the switch leg back: right, once the white is re-identified at both ends, 200.7(C).',
        'return-on-white-unmarked' => 'The white brings the switch leg back. :section does not allow the white as the return from a switch: swap it with the black.',
        'common-link' => 'Many North American inspectors refuse it, because a traveler screw holds the hot; others pass it, since it works. In Britain it is the usual extension.',
        'polarity-switching' => 'Forbidden everywhere, 404.2(A) and (B): the holder can be live while the lamp is off, and the shell with it.',
    ],
];
