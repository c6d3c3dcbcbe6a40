<?php

return [
    'kind' => [
        'receptacle' => 'socket',
    ],
    'function' => [
        'one-pole' => 'one-way',
        'three-way' => 'two-way',
        'four-way' => 'intermediate',
        'two-pole' => 'double-pole on/off',
    ],
    'model' => [
        'gb-supply' => 'supply',
        'gb-rose' => 'ceiling rose',
        'gb-pendant' => 'pendant',
        'gb-batten-bc' => 'bayonet batten lampholder',
        'gb-batten-es' => 'screw batten lampholder',
        'gb-luminaire' => 'luminaire',
    ],
    'role' => [
        'line' => 'line',
        'switched-line' => 'switched live',
        'traveller' => 'strapper',
        'earth' => 'earth',
    ],
    'colour' => [
        'grey' => 'grey',
        'bare' => 'bare CPC',
    ],
    'box-earth' => 'the brass earth terminal of the box at :box',
    'own-earth' => 'the brass earth terminal of the box',
    // What a terminal that is known by its face does; after a wiring is judged, both are said.
    'duty' => [
        'gb-switch-intermediate' => ['a1' => 'pair A', 'a2' => 'pair A', 'b1' => 'pair B', 'b2' => 'pair B'],
        'gb-batten-bc' => ['a' => '', 'b' => ''],
        'gb-batten-es' => ['centre' => 'centre contact', 'shell' => 'shell'],
        'gb-pendant' => ['live' => 'live', 'neutral' => 'neutral'],
        'gb-luminaire' => ['live' => 'live', 'neutral' => 'neutral', 'earth' => 'earth'],
    ],
    'terminal' => [
        'gb-supply' => [
            'line' => 'line',
            'neutral' => 'neutral',
            'earth' => 'earth',
        ],
        'gb-switch-1way' => [
            'com' => 'COM terminal',
            'l1' => 'L1 terminal',
            'earth' => 'earth terminal',
        ],
        'gb-switch-2way' => [
            'com' => 'COM terminal',
            'l1' => 'L1 terminal',
            'l2' => 'L2 terminal',
            'earth' => 'earth terminal',
        ],
        'gb-switch-intermediate' => [
            'a1' => 'first terminal of pair A',
            'a2' => 'second terminal of pair A',
            'b1' => 'first terminal of pair B',
            'b2' => 'second terminal of pair B',
            'earth' => 'earth terminal',
        ],
        'gb-switch-2p' => [
            'a1' => ':print terminal',
            'a2' => ':print terminal',
            'b1' => ':print terminal',
            'b2' => ':print terminal',
            'earth' => 'earth terminal',
        ],
        'gb-rose' => [
            'loop' => 'loop block',
            'switched' => 'switched block',
            'neutral' => 'neutral block',
            'earth' => 'earth block',
        ],
        'gb-pendant' => [
            'live' => 'flex live',
            'neutral' => 'flex neutral',
        ],
        'gb-batten-bc' => [
            'a' => 'first terminal',
            'b' => 'second terminal',
            'earth' => 'earth terminal',
        ],
        'gb-batten-es' => [
            'centre' => 'centre terminal',
            'shell' => 'shell terminal',
            'earth' => 'earth terminal',
        ],
        'gb-luminaire' => [
            'live' => 'live lead',
            'neutral' => 'neutral lead',
            'earth' => 'earth lead',
        ],
    ],
    'switch-earth' => ['metal' => 'back-box earth terminal', 'plastic' => 'earth parking terminal'],
    'role-as' => ['line' => 'line', 'switched-line' => 'switched live', 'traveller' => 'a strapper', 'neutral' => 'neutral', 'earth' => 'earth'],
    'scheme' => [
        'single' => 'one-way switch',
        'feed-through' => 'fed at one end, light at the other',
        'dead-end' => 'feed and switched live at one switch',
        'light-fed' => 'looped in at the light',
        'common-link' => 'common-link two-way',
    ],
    'scheme-note' => [
        'line-out-on-white-unmarked' => '',
        'return-on-white-unmarked' => '',
        'dead-end' => 'Feed and switched live are in one box; the strappers run out from it and come back.',
        'light-fed' => 'The feed is looped in at the light.',
        'line-out-on-white' => '',
        'return-on-white' => '',
        'common-link' => 'The usual British extension from one-way to two-way. In North America it is not accepted everywhere.',
        'polarity-switching' => 'Not allowed anywhere (132.14.1): the lampholder can be live while the lamp is off.',
    ],
];
