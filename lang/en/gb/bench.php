<?php

return [
    'look' => [
        'supply' => 'supply',
    ],
    'mark' => [
        'line' => 'brown sleeve: line',
        'neutral' => 'blue sleeve: neutral',
        'earth' => 'green-and-yellow sleeve: earth',
    ],
    'words' => [
        'mark' => 'sleeve',
        'boxEarth' => 'brass earth terminal of the box',
        'pigtail' => 'fly lead',
        'markKeys' => 'sleeve the cores you’re holding as line, neutral or earth; again to remove the sleeve',
    ],
];
