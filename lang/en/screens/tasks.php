<?php

return [
    'a-task-asks-for-something' => 'A task asks for something on a board: wire it, finish it, name its screws. Choose the board first.',
    'choose-a-board' => 'Choose a board',
    'choose-the-parts' => 'choose the parts',
    'find-the-fault' => 'find the fault',
    'finish-it' => 'finish it',
    'how-many-points-each-part' => 'How many points each part is worth. Change one from a task that uses it.',
    'make-a-task' => 'Make a task',
    'markings' => 'Markings',
    'name-the-screws-and-cables' => 'name the screws and cables',
    'no-task-yet' => 'No task yet',
    'say-what-the-light-does' => 'say what the light does',
    'the-houses' => 'the house’s',
    'the-tasks' => 'The tasks',
    'trace-the-path' => 'trace the path',
    'wire-it-from-bare' => 'wire it from bare',
    'yours' => 'yours',
];
