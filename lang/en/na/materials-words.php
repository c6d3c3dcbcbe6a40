<?php

return [
    'mark' => [
        'line' => 'black or red tape, one end',
        'neutral' => 'white tape, one end',
        'earth' => 'green tape, one end',
    ],
    'capped' => 'capped',
    'money' => '$',
    'entry' => 'cable connector for a ½ in knockout',
    'support' => 'cable staple',
];
