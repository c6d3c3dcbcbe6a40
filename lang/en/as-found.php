<?php

return [
    'no-such-plan' => 'There is no such plan of this board.',
    'connector' => 'connector :letter',
    'nothing' => 'Nothing has to change: it passes as it was found.',
    'no-plan' => 'No right wiring was found for this board as it is drawn: look at its plans.',
];
