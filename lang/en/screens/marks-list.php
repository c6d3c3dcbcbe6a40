<?php

return [
    'a-board-set-as-a' => 'A board set as a task is marked when it is handed in. Make a task on any board.',
    'choose-a-board' => 'Choose a board',
    'class-and-tasks' => 'Class and tasks',
    'handedin-seats-handed-in' => ':handedIn/:seats handed in',
    'no-marks-yet' => 'No marks yet',
    'not-released' => 'not released',
    'practice-marks-show-at-once' => 'practice: marks show at once',
    'released-releasedat' => 'released :releasedAt',
    'the-marks' => 'The marks',
];
