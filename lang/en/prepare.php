<?php

return [
    'from-top' => ':length from the top',
    'stud' => [
        'left' => 'left of stud :number',
        'right' => 'right of stud :number',
        'on' => 'on stud :number',
    ],
    'layer' => [
        'neutrals' => 'Neutrals: :what',
    ],
    'holes' => '{1} one conductor; room for :room, two per terminal|[0,*] :count conductors; room for :room, two per terminal',
    'dark' => 'Opening this also disconnects :what.',
    'nobody-dark' => 'Opening this disconnects nothing else.',
    'dead' => '0 V, all three',
    'near-nothing' => 'close to 0 Ω',
    'insulation-least' => 'at least 1 MΩ',
    'volts-lit' => ':volt V, on',
    'volts-dark' => ':volt V, off',
    'filament' => 'A 60 W filament lamp on its own, dead',
    'filament-ohm' => 'about :cold Ω cold, a tenth to a fifteenth of its :lit Ω when lit; an LED lamp gives no reliable reading',
    'volts-earth' => ':volt V; full voltage here means the neutral is switched',
    'open' => 'open',
];
