<?php

return [
    'layer' => [
        'earths' => 'Grounds, into the back: :what',
        'spares' => 'Capped spares: :what',
        'line' => 'Hot splices: :what',
        'device' => 'Last the device, with :what',
    ],
    'look-alike' => [
        'four-way' => 'You want a :needed switch: four screws and no ON or OFF. Not a :other switch, which has four screws too: it prints ON and OFF and only opens both poles. With a meter: in either position each A screw of a four-way reads to one B screw and never to its neighbor; a two-pole reads open everywhere while it is off.',
        'three-way' => 'You want a :needed switch: three screws, one of an odd color, and no ON or OFF. Not a :other switch, which has two screws and prints ON and OFF.',
    ],
    'prove-dead' => 'Prove dead, tester proved before and after: hot to neutral, hot to ground, neutral to ground',
    'continuity' => 'Continuity of the grounds: ground at :lamp to ground at the cord',
    'insulation' => 'Insulation at 500 V d.c., lamps out, switches in every position: hot to neutral, hot to ground, neutral to ground',
    'polarity' => 'Polarity, dead: hot at the cord to the hot side of :lamp',
    'polarity-neutral' => 'Polarity, dead: neutral at the cord to the neutral side of :lamp',
    'dead-line-neutral' => 'Supply off, locked and disconnected: hot to neutral at the cord',
    'dead-line-earth' => 'Supply off, locked and disconnected: hot to ground at the cord',
    'onward' => 'Opening :boxes also disconnects :place (:cable goes on there). When the supply is on again, check downstream: hot on the black, neutral on the white and the ground at :place.',
    'live-earth' => 'Energized, light off: hot side of :lamp to ground',
    'live' => 'Only then energize: :lamp',
    'ohm' => ':ohm Ω (cold lamp)',
];
