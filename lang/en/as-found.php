<?php

return [
    'no-such-plan' => 'This board has no such plan.',
    'connector' => 'connector :letter',
    'nothing' => 'Nothing to change: it passes as found.',
    'no-plan' => 'No correct wiring was found for this board. Look at its plans.',
];
