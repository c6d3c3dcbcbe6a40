<?php

return [
    'from-top' => ':length from the top',
    'stud' => ['left' => 'left of stud :number', 'right' => 'right of stud :number', 'on' => 'on stud :number'],
    'layer' => [
        'earths' => 'Earths, into the back: :what',
        'neutrals' => 'Neutrals: :what',
        'spares' => 'Parked spares: :what',
        'line' => 'Line connectors: :what',
        'device' => 'Last the accessory, with :what',
    ],
    'holes' => ':taken of :room',
    'dark' => 'While it is open, dark elsewhere: :what.',
    'nobody-dark' => 'Nothing elsewhere goes dark while it is open.',
    'look-alike' => [
        'four-way' => 'You want an :needed switch: four terminals in two pairs and no ON or OFF. Not a :other switch, which has four terminals too: it prints ON and OFF and only opens both poles. On the ohmmeter an intermediate is never open on both pairs.',
        'three-way' => 'You want a :needed switch: COM, L1 and L2. Not a :other switch, which looks the same from the room and has COM and L1 only.',
    ],
    'dead-line-neutral' => 'Isolated and disconnected: line to neutral at the supply',
    'dead-line-earth' => 'Isolated and disconnected: line to earth at the supply',
    'volts-lit' => ':volt V, lit',
    'volts-dark' => ':volt V, dark',
    'ohm' => ':ohm Ω',
    'open' => 'open',
    'r1r2' => 'R1+R2 at :lamp, cold',
    'no-length' => 'a run has no length',
    'insulation' => 'Insulation at 500 V d.c., lamps out, every position',
    'insulation-least' => '1 MΩ at least',
];
