<?php

return [
    'layer' => [
        'earths' => 'Earths, into the back: :what',
        'spares' => 'Parked spares: :what',
        'line' => 'Line connectors: :what',
        'device' => 'The accessory last, with :what',
    ],
    'look-alike' => [
        'four-way' => 'You want an :needed switch: four terminals in two pairs and no ON or OFF. Not a :other switch, which has four terminals too: it prints ON and OFF and only opens both poles. With a meter: in either position each A terminal of an intermediate reads to one B terminal and never to its neighbour; a double-pole reads open everywhere while it is off, and its terminals print LOAD and SUPPLY with L and N.',
        'three-way' => 'Get a :needed switch: COM, L1 and L2. Not a :other switch, which looks the same from the front but has only COM and L1.',
    ],
    'prove-dead' => 'Prove dead, tester proved before and after: line to neutral, line to earth, neutral to earth',
    'continuity' => 'Continuity of the CPCs: earth at :lamp to earth at the supply',
    'insulation' => 'Insulation at 500 V d.c., lamps out, switches in every position: line to neutral, line to earth, neutral to earth',
    'polarity' => 'Polarity, dead: line at the supply to the line side of :lamp',
    'polarity-neutral' => 'Polarity, dead: neutral at the supply to the neutral side of :lamp',
    'dead-line-neutral' => 'Isolated, locked off and disconnected: line to neutral at the supply',
    'dead-line-earth' => 'Isolated, locked off and disconnected: line to earth at the supply',
    'onward' => 'Opening :boxes also disconnects :place (:cable goes on to it). When the supply is back on, check at :place: permanent line, neutral and CPC.',
    'live-earth' => 'Energised, light off: line side of :lamp to earth',
    'live' => 'Only then energise: :lamp',
    'ohm' => ':ohm Ω',
    'r1r2' => 'R1+R2 at :lamp, cold',
    'no-length' => 'a run has no length',
    'zs' => 'Zs at :lamp, measured cold, on a :breaker A type B breaker (R1+R2 plus the external loop)',
    'zs-most' => 'max. :zs Ω (0.8 × :table Ω, Table 41.3)',
];
