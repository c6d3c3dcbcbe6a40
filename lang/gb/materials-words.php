<?php

return [
    'mark' => ['line' => 'brown sleeve, one end', 'neutral' => 'blue sleeve, one end', 'earth' => 'green-and-yellow sleeve, one end'],
    'capped' => 'parked in a connector',
    'joined' => ':connector with :points',
    'money' => '£',
    'support' => 'cable clip',
];
