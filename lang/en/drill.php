<?php

declare(strict_types=1);

return [
    'no-measurement' => 'You can’t measure that here.',
    'enough' => 'No readings left. Give your answer.',
    'ended' => 'This drill is over. Start another.',
    'name' => [
        'device' => 'Device and meter', 'feed' => 'Find the feed', 'drop' => 'Find the switch drop', 'lamp' => 'What does the light do?',
    ],
    'task' => [
        'feed' => 'A full box. Every conductor was parked or capped while dead, then the supply was switched on. Which cable is the feed?',
        'lamp' => 'What does the light do with the switches like this?',
    ],
    'result' => [
        'closed' => 'closed', 'open' => 'open', 'lit' => 'lights', 'dark' => 'stays dark', 'marks' => 'on up to the :volts V mark',
        'through' => '0.2 Ω', 'lamps' => ':ohm Ω',
    ],
    'measurement' => [
        'device' => ':one to :other, paddle :position',
        'pen' => 'Pen at cable :cable',
        'volt' => 'Tester across cable :cable',
        'linked' => 'Cable :cable, linked at the switch',
        'apart' => 'Cable :cable, nothing linked',
    ],
    'answer' => [
        'bad' => 'Bad: throw it away',
        'cable' => 'Cable :cable',
        'on' => 'On', 'off' => 'Off', 'yes' => 'Yes', 'no' => 'No',
    ],
    'about' => [
        'lamp' => ':known: the light is :on. What does it do with :asked?',
        'insulated' => ':print: how many insulated conductors are in it?',
    ],
    'right' => 'Right.',
    'wrong' => 'Not right: :right.',
    'guessed' => 'Right, but a guess: your readings would fit something else too.',
    'way' => 'You took :used. The shortest way takes :best: :path.',
    'score' => ':right of :count right.',
];
