<?php

return [
    'look' => [
        'supply' => 'supply cord',
    ],
    'mark' => [
        'line' => 'black tape: hot',
        'neutral' => 'white tape: neutral',
        'earth' => 'green tape: ground',
    ],
    'words' => [
        'mark' => 'tape',
        'boxEarth' => 'grounding screw of the box',
        'pigtail' => 'pigtail',
        'markKeys' => 'tape the ends in hand as hot, neutral, ground; again to take the tape off',
    ],
];
