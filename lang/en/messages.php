<?php

return [
    'drawing-moved-on' => 'Somebody has saved this board since you opened it (version :version). Nothing of yours is lost: keep it as a copy, or take theirs.',
    'not-handed-in' => 'The verdict comes when the board is handed in.',
    'wrong-sign-in' => 'That name and password do not go together.',
    'too-many-sign-ins' => 'Too many tries. Wait :seconds seconds, then try again.',
    'malformed-step' => 'This step cannot be read (:field).',
    'unknown-lamp' => 'The board has no light :id.',
    'unknown-state' => 'The board has no such combination of positions.',
    'not-your-class' => 'Choose one of your own classes.',
    'not-in-class' => 'Choose trainees of this class.',
    'not-in-library' => 'Choose a board of the library.',
    'other-practice' => 'This edition belongs to the other practice.',
];
