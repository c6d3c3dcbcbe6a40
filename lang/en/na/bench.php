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
        'markKeys' => 'tape the wires you’re holding as hot, neutral or ground; again to remove the tape',
    ],
];
