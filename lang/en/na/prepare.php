<?php

return [
    'layer' => [
        'earths' => 'Grounds, into the back: :what',
        'spares' => 'Capped spares: :what',
        'line' => 'Hot splices: :what',
        'device' => 'The device last, with :what',
    ],
    'look-alike' => [
        'four-way' => 'Get a :needed switch: four screws, not marked ON or OFF. Not a :other switch: that has four screws too, is marked ON and OFF and only opens both poles. With a meter: in either position, each A screw of a four-way has continuity to one B screw and never to the other A screw; a two-pole reads open everywhere when off.',
        'three-way' => 'Get a :needed switch: three screws, one of a different color, not marked ON or OFF. Not a :other switch, which has two screws and is marked ON and OFF.',
    ],
    'prove-dead' => 'Prove dead, tester proved before and after: hot to neutral, hot to ground, neutral to ground',
    'continuity' => 'Continuity of the grounds: ground at :lamp to ground at the cord',
    'insulation' => 'Insulation at 500 V d.c., lamps out, switches in every position: hot to neutral, hot to ground, neutral to ground',
    'polarity' => 'Polarity, dead: hot at the cord to the hot side of :lamp',
    'polarity-neutral' => 'Polarity, dead: neutral at the cord to the neutral side of :lamp',
    'dead-line-neutral' => 'Supply off, locked and disconnected: hot to neutral at the cord',
    'dead-line-earth' => 'Supply off, locked and disconnected: hot to ground at the cord',
    'onward' => 'Opening :boxes also disconnects :place (:cable goes on to it). When the supply is back on, check at :place: hot on the black, neutral on the white, and the ground.',
    'live-earth' => 'Energized, light off: hot side of :lamp to ground',
    'live' => 'Only then energize: :lamp',
    'ohm' => ':ohm Ω (cold lamp)',
];
