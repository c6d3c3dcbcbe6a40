<?php

return [
    'mark' => [
        'line' => 'brown sleeve, one end',
        'neutral' => 'blue sleeve, one end',
        'earth' => 'green-and-yellow sleeve, one end',
    ],
    'capped' => 'parked in a connector',
    'money' => '£',
    'support' => 'cable clip',
];
