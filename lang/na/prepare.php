<?php

return [
    'from-top' => ':length from the top',
    'stud' => ['left' => 'left of stud :number', 'right' => 'right of stud :number', 'on' => 'on stud :number'],
    'layer' => [
        'earths' => 'Grounds, into the back: :what',
        'neutrals' => 'Neutrals: :what',
        'spares' => 'Capped spares: :what',
        'line' => 'Hot splices: :what',
        'device' => 'Last the device, with :what',
    ],
    'holes' => ':taken of :room',
    'dark' => 'While it is open, dark elsewhere: :what.',
    'nobody-dark' => 'Nothing elsewhere goes dark while it is open.',
    'look-alike' => [
        'four-way' => 'You want a :needed switch: four screws and no ON or OFF. Not a :other switch, which has four screws too: it prints ON and OFF and only opens both poles. On the ohmmeter a four-way is never open on both pairs.',
        'three-way' => 'You want a :needed switch: three screws, one of an odd color, and no ON or OFF. Not a :other switch, which has two screws and prints ON and OFF.',
    ],
    'dead-line-neutral' => 'Supply off and disconnected: hot to neutral at the cord',
    'dead-line-earth' => 'Supply off and disconnected: hot to ground at the cord',
    'volts-lit' => ':volt V, lit',
    'volts-dark' => ':volt V, dark',
    'ohm' => ':ohm Ω (cold lamp)',
    'open' => 'open',
];
