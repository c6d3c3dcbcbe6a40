<?php

declare(strict_types=1);

return [
    'name' => ['jacket' => 'Read the sheath'],
    'task' => [
        'device' => 'Three or four terminals, markings covered. Find what it is and where its common or its pairs are.',
        'drop' => 'The rose, dead, every core separate. Which cable is the switch drop?',
        'jacket' => 'Read the sheath and say what is in it and what it can carry.',
    ],
    'device' => [
        'three-way' => 'Two-way, common at :at',
        'four-way' => 'Intermediate, pairs :pairs',
        'two-pole' => 'Double-pole on/off, the look-alike',
    ],
    'about' => [
        'earth' => 'Which of its cores is the CPC?',
        'needs-mark' => ':print: does the :colour need a sleeve to be line?',
        'carries' => ':print, clipped direct: how many amps can it carry?',
    ],
    'caution' => [
        'feed' => 'Park or cap every core while dead, before you energise. Work live only where it cannot reasonably be done dead, and only if you are competent; BS 7671 and the law decide.',
        'drop' => 'Isolate, lock off, prove dead before you take a joint apart.',
    ],
];
