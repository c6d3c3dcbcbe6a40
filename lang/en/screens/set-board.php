<?php

return [
    'add-the-people' => 'Add the people',
    'for-marks-or-a-variant' => 'For marks, or a variant for each seat,',
    'make-a-class' => 'Make a class',
    'make-a-task-from-it' => 'make a task from it',
    'minutes' => 'Minutes',
    'nobody-is-in-this-class' => 'Nobody is in this class yet.',
    'set-a-board' => 'Set a board',
    'set-it-for-one-trainee' => '{1} Set it for one trainee|[0,*] Set it for :count trainees',
    'set-title' => 'Set :title',
    'setting' => 'Setting …',
    'there-is-no-class-yet' => 'There is no class yet',
    'trainees' => 'Trainees',
];
