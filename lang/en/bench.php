<?php

return [
    'look' => [
        'toggle' => 'toggle switch',
        'rocker' => 'plate switch',
        'lampholder' => 'lampholder',
        'luminaire' => 'luminaire',
        'receptacle' => 'receptacle',
        'rose' => 'ceiling rose',
        'pendant' => 'pendant flex',
        'batten' => 'batten lampholder',
    ],
    'landing' => [
        'screw' => ':finish screw :place of :device:print',
        'hole' => ':finish terminal :place of :device:print',
        'block' => 'block :place of :device:print',
        'lead' => ':finish lead :place of :device:print',
    ],
    'printed' => ', printed :print',
    'block' => 'block :number',
    'finish' => [
        'brass' => 'brass',
        'dark' => 'dark',
        'silver' => 'silver',
        'green' => 'green',
        'black' => 'black',
        'white' => 'white',
        'brown' => 'brown',
        'blue' => 'blue',
        'green-yellow' => 'green-and-yellow',
    ],
    'connector' => [
        'wire-nut' => 'wire nut',
        'lever' => 'lever',
        'push-in' => 'push-in',
        'strip' => 'strip',
    ],
    'words' => [
        'cap' => 'cap',
        'loose' => 'loose',
        'conduit' => 'conduit',
    ],
];
