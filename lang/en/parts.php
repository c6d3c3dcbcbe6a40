<?php

return [
    'kind' => [
        'switch' => 'switch',
        'lamp' => 'light',
        'rose' => 'rose',
        'supply' => 'supply',
    ],
    'role' => [
        'neutral' => 'neutral',
        'none' => 'spare',
    ],
    'colour' => [
        'black' => 'black',
        'red' => 'red',
        'blue' => 'blue',
        'white' => 'white',
        'green' => 'green',
        'brown' => 'brown',
        'yellow' => 'yellow',
        'orange' => 'orange',
        'green-yellow' => 'green-and-yellow',
    ],
    'supply' => 'the supply',
    'at' => 'the :what at :box',
    'nth-print' => ['first :print', 'second :print'],
    'and-more' => 'and :count more',
    'and' => ':first and :last',
    'core' => 'the :colour of :cable (to :far)',
    'wire' => 'the :colour',
    'single' => 'the :colour single :cable (to :far)',
    'end-in' => ':end in :box',
    'terminal-of' => 'the :terminal of :device',
    'block' => 'block :number of :count from the left',
    'only-terminal' => 'the :terminal',
    'short-terminal' => 'the :terminal of :device',
    'scheme' => [
        'polarity-switching' => 'polarity switching',
    ],
];
