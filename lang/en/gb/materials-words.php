<?php

return [
    'mark' => [
        'line' => 'brown sleeve, one end',
        'neutral' => 'blue sleeve, one end',
        'earth' => 'green-and-yellow sleeve, one end',
    ],
    'capped' => 'parked in a connector',
    'money' => '£',
    'entry' => 'open grommet, 20 mm',
    'support' => 'cable clip',
];
