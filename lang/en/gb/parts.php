<?php

return [
    'practice' => 'Britain',
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
        'feed-through' => 'line through the chain of switches',
        'dead-end' => 'both in one box, the chain out and back',
        'light-fed' => 'looped in at the light',
        'common-link' => 'common-link two-way',
    ],
    'scheme-note' => [
        'line-out-on-white-unmarked' => '',
        'return-on-white-unmarked' => '',
        'dead-end' => 'Feed and switched live meet in one box; the chain runs out from it and comes back.',
        'light-fed' => 'The feed is looped in at the light.',
        'line-out-on-white' => '',
        'return-on-white' => '',
        'common-link' => 'The usual British extension from one-way to two-way. In North America it is not accepted everywhere.',
        'polarity-switching' => 'Forbidden everywhere (132.14.1): the holder can be live while the lamp is off.',
    ],
];
