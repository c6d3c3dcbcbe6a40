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
    'holes' => '{1} 1 conductor; it takes :room, two a hole|[0,*] :count conductors; it takes :room, two a hole',
    'dark' => 'Opening this also disconnects :what.',
    'nobody-dark' => 'Opening this disconnects nothing elsewhere.',
    'dead' => '0 V, all three',
    'near-nothing' => 'close to 0 Ω',
    'insulation-least' => '1 MΩ at least',
    'volts-lit' => ':volt V, on',
    'volts-dark' => ':volt V, off',
    'filament' => 'A 60 W filament lamp by itself, dead',
    'filament-ohm' => 'about :cold Ω cold, a tenth to a fifteenth of the :lit Ω that it has when lit; an LED lamp gives no reliable reading',
    'volts-earth' => ':volt V; full voltage here means that the neutral is switched',
    'open' => 'open',
];
