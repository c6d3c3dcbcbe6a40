<?php

return [
    'check-this' => '▲ check this',
    'check-this-2' => 'check this',
    'failure-what-you-see-may' => ':failure What you see may be out of date.',
    'fault' => 'fault',
    'if-something-goes-wrong-you' => 'If something goes wrong you get an error number. Give it to your technician to find in the log.',
    'ok' => 'OK',
    'the-server' => 'The server',
    'this-devices-clock-is-seconds' => 'This device’s clock is :seconds seconds fast. Exams use the server’s clock.',
    'this-devices-clock-is-seconds-2' => 'This device’s clock is :seconds seconds slow. Exams use the server’s clock.',
];
