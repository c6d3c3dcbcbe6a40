<?php

declare(strict_types=1);

return [
    'name' => ['jacket' => 'Read the sheath'],
    'task' => [
        'device' => 'Three or four terminals, print covered. Find what it is and where its common or its pairs are.',
        'drop' => 'The rose, dead, every core apart. Which cable is the switch drop?',
        'jacket' => 'Read the sheath and say what is in it and what it may carry.',
    ],
    'device' => [
        'three-way' => 'Two-way, common at :at',
        'four-way' => 'Intermediate, pairs :pairs',
        'two-pole' => 'Double-pole on/off, the look-alike',
    ],
    'about' => [
        'earth' => 'Which of its cores is the CPC?',
        'needs-mark' => ':print: may the :colour be line only with a sleeve on it?',
        'carries' => ':print, clipped direct: how many amperes may it carry?',
    ],
    'caution' => [
        'feed' => 'Park or cap every end, dead, before you energise. Live work only where it cannot reasonably be done dead, and by a competent person; BS 7671 and the law decide.',
        'drop' => 'Isolate, lock off, prove dead before you take a joint apart.',
    ],
];
