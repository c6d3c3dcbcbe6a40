<?php

return [
    'look' => [
        'toggle' => 'toggle switch', 'rocker' => 'plate switch', 'lampholder' => 'lampholder', 'luminaire' => 'luminaire', 'receptacle' => 'receptacle',
        'rose' => 'ceiling rose', 'pendant' => 'pendant flex', 'batten' => 'batten lampholder', 'supply' => 'supply cord',
    ],
    'landing' => [
        'screw' => ':finish screw, place :place of :device:print', 'hole' => ':finish terminal, place :place of :device:print',
        'block' => 'terminal block, place :place of :device:print', 'lead' => ':finish lead, place :place of :device:print',
    ],
    'printed' => ', printed :print',
    'finish' => [
        'brass' => 'brass', 'dark' => 'dark', 'silver' => 'silver', 'green' => 'green', 'black' => 'black', 'white' => 'white',
        'brown' => 'brown', 'blue' => 'blue', 'green-yellow' => 'green-and-yellow',
    ],
    'connector' => ['wire-nut' => 'wire nut', 'lever' => 'lever', 'push-in' => 'push-in', 'strip' => 'strip'],
    'mark' => ['line' => 'black tape: hot', 'neutral' => 'white tape: neutral', 'earth' => 'green tape: ground'],
    'words' => [
        'mark' => 'tape', 'cap' => 'cap', 'boxEarth' => 'grounding screw of the box', 'pigtail' => 'pigtail', 'loose' => 'loose', 'conduit' => 'conduit',
        'markKeys' => 'tape the ends in hand as hot, neutral, ground; again to take the tape off',
    ],
];
