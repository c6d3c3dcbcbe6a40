<?php

return [
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
    // What a terminal that is known by its face does; after a wiring is judged, both are said.
    'duty' => [
        'na-switch-1p' => ['a' => '', 'b' => ''],
        'na-switch-3way' => ['common' => 'the common', 't1' => 'a traveler', 't2' => 'a traveler'],
        'na-switch-4way' => ['a1' => 'pair A', 'a2' => 'pair A', 'b1' => 'pair B', 'b2' => 'pair B'],
        'na-switch-2p' => ['a1' => 'pair A', 'a2' => 'pair A', 'b1' => 'pair B', 'b2' => 'pair B'],
        'na-lampholder' => ['hot' => 'center contact', 'neutral' => 'shell'],
        'na-luminaire' => ['hot' => 'hot', 'neutral' => 'neutral', 'earth' => 'ground'],
        'na-receptacle' => ['hot' => 'hot', 'neutral' => 'neutral', 'earth' => 'ground'],
    ],
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
        'common-link' => 'commons tied together (disputed)',
    ],
    'scheme-note' => [
        'dead-end' => 'Feed and switch leg are in one box; the travelers run out from it and come back.',
        'light-fed' => 'The feed comes to the light first.',
        'line-out-on-white' => 'The re-identified white takes the hot out and the black brings the switch leg back, as 200.7(C) requires.',
        'return-on-white' => 'The re-identified white brings the switch leg back. :section does not allow the white as the return, but many inspectors pass it, since it works.',
        'line-out-on-white-unmarked' => 'The white takes the hot out and the black brings the switch leg back: right, once the white is re-identified at both ends, 200.7(C).',
        'return-on-white-unmarked' => 'The white brings the switch leg back. :section does not allow the white as the return from a switch: swap it with the black.',
        'common-link' => 'Many North American inspectors refuse it, because a traveler screw has the hot; others pass it, since it works. In Britain it is the usual extension.',
        'polarity-switching' => 'Not allowed anywhere, 404.2(A) and (B): the lampholder and its shell can be live while the lamp is off.',
    ],
];
