<?php

declare(strict_types=1);

return [
    'name' => ['jacket' => 'Read the jacket'],
    'task' => [
        'device' => 'Three or four screws, markings taped over. Find what it is and where its common or its pairs are.',
        'drop' => 'The light box, dead, every conductor separate. Which cable goes down to the switch?',
        'jacket' => 'Read the jacket and say what is in it and what it can carry.',
    ],
    'device' => [
        'three-way' => 'Three-way, common at :at',
        'four-way' => 'Four-way, pairs :pairs',
        'two-pole' => 'Two-pole on/off, the look-alike',
    ],
    'about' => [
        'earth' => 'Which of its conductors is the ground?',
        'needs-mark' => ':print: does the :colour need tape to be a hot?',
        'carries' => ':print: what is the largest breaker, in amps?',
    ],
    'caution' => [
        'feed' => 'Park or cap every conductor while dead, before you energize. Work live only where it cannot reasonably be done dead, with a licensed person beside you; the authority having jurisdiction decides.',
        'drop' => 'Disconnect, lock and tag, prove dead before you take a splice apart.',
    ],
];
