<?php

return [
    'no-hint' => 'Nothing is wrong with what stands.',
    'answered' => ':right of :asked answers are right.',
    'kind' => [
        'wire' => 'wire it from bare',
        'finish' => 'finish it',
        'parts' => 'choose the parts',
        'names' => 'name screws and cables',
        'predict' => 'say what the light does',
        'trace' => 'trace the current',
    ],
    'rule-set' => [
        'trainer' => 'As a trainer',
        'inspector' => 'As an inspector',
    ],
    'rule-set-note' => [
        'trainer' => 'Remarks are told and cost nothing.',
        'inspector' => 'Everything that the code forbids fails.',
    ],
    'dropped' => '":rule" is a fault by now, whatever a task says: the rule was dropped.',
    'habit' => [
        'twisting' => [
            'either' => 'Twist before the connector or not, as you were taught.',
        ],
        'order-of-work' => [
            'either' => 'Work in any order.',
        ],
        'neutral-at' => [
            'every-switch' => 'A neutral in every switch box.',
            'none' => 'No neutral is asked for at the switches.',
        ],
    ],
    'on-the-wall' => 'Wire it on the board at your seat; set down here what lands where.',
    'habit-name' => [
        'order-of-work' => 'order of work',
        'neutral-at' => 'neutral at the switches',
    ],
    'question' => [
        'feed-cable' => ':box: which cable brings the feed?',
        'light-cable' => ':box: which cable goes to the light?',
        'lamp' => 'What does :device do with :positions?',
        'path' => 'In which order does the current pass these on its way through :device, with :positions?',
        'part' => ':box: which part from the bin belongs here?',
    ],
    'given' => [
        'on' => 'With every switch up it is lit.',
        'off' => 'With every switch up it is dark.',
        'dim' => 'With every switch up it is dim.',
        'trip' => 'With every switch up the breaker trips.',
    ],
    'position' => [
        'up' => ':switch up',
        'down' => ':switch down',
    ],
    'cable' => 'cable :tag',
    'slot' => 'part :number',
    'lamp' => [
        'on' => 'it is lit',
        'off' => 'it is dark',
        'dim' => 'it is dim',
    ],
    'mark' => [
        'behaviour' => 'What it does: right in :right of :states combinations, over what chance gives.',
        'distance' => '{0} Nothing has to be put right.|{1} One mistake lies between it and the nearest right wiring (:each points each).|[2,*] :mistakes mistakes lie between it and the nearest right wiring (:each points each).',
        'distance-none' => 'No right wiring was found from here.',
        'safety' => 'Nothing dangerous was found.',
        'safety-in-part' => 'Nothing dangerous was found on the :percent % of the ends that are placed.',
        'safety-lost' => 'Dangerous.',
        'rule' => 'Not found: :rule.',
        'rule-in-part' => 'Not found on the :percent % of the ends that are placed: :rule.',
        'rule-lost' => 'Found: :rule.',
        'order' => ':percent % of the work was done in the order that was asked for.',
        'order-not-judged' => 'The order of work is not judged here.',
        'time' => 'Done in :minutes minutes; within :within earns it.',
        'answers' => ':right of :asked answers are right.',
        'workmanship' => ':text',
        'open' => 'waits for the instructor\'s eye',
    ],
    'rule' => [
        'neutral-absent-at-switch' => 'no neutral at the switch',
        'separate-return' => 'out and back in different cables',
        'box-overfilled' => 'a box is overfilled',
        'connector-overfilled' => 'a connector with too many conductors',
        'end-not-capped' => 'an end is not capped',
        'parallel-path' => 'conductors side by side make two ways',
        'house-layout' => 'red and black on other sides than in the other boxes',
    ],
    'critical' => 'This fails the whole, whatever the points: :what',
    'odd' => [
        'pair-turned' => 'One pair of :what turned',
        'pairs-exchanged' => 'The pairs of :what exchanged',
        'pairs-exchanged-and-turned' => 'The pairs of :what exchanged and turned',
        'lamp-turned' => ':what the other way round',
    ],
    'what-if-right' => 'Suppose this is done on the board wired right. :what What does the light do then?',
    'what-if' => 'Suppose this is done on your board. :what What does the light do then?',
];
