<?php

return [
    'habit' => [
        'twisting' => ['either' => 'Twist before the connector or not, as you were taught.', 'twist-first' => 'Twist the conductors before the wire nut goes on.', 'connector-alone' => 'Hold the conductors even and let the wire nut do the twisting.'],
        'white-as-return' => ['either' => 'The re-identified white may take the hot out or bring it back.', 'line-out-on-white' => 'The re-identified white takes the hot out, and black or red brings it back.', 'return-on-white' => 'The re-identified white may bring the switched hot back.'],
        'order-of-work' => ['either' => 'Work in any order.', 'box-by-box' => 'Work box by box: grounds, neutrals, hots, travelers last.', 'farthest-first' => 'Work farthest first: neutral all the way, switched hot, hot, travelers last.'],
        'neutral-at' => ['by-code' => 'A neutral at the switches where the code asks for it.', 'every-switch' => 'A neutral in every switch box.', 'none' => 'No neutral is asked for at the switches.'],
    ],
    'habit-name' => [
        'twisting' => 'twisting before the wire nut', 'white-as-return' => 'the white of a switch loop', 'order-of-work' => 'order of work', 'neutral-at' => 'neutral at the switches',
    ],
    'question' => [
        'common' => ':device: which screw is the common?',
        'feed-cable' => ':box: which cable brings the feed?',
        'light-cable' => ':box: which cable goes to the light?',
        'lamp' => 'What does :device do with :positions?',
        'path' => 'In which order does the current pass these on its way through :device, with :positions?',
        'part' => ':box: which part from the bin belongs here?',
    ],
    'position' => ['up' => ':switch up', 'down' => ':switch down'],
    'cable' => 'cable :tag',
    'slot' => 'part :number',
    'lamp' => ['on' => 'it is lit', 'off' => 'it is dark', 'dim' => 'it is dim', 'trip' => 'the breaker trips'],
    'mark' => [
        'behaviour' => 'What it does: right in :right of :states combinations, over what chance gives.',
        'distance' => '{0} Nothing has to be put right.|{1} One mistake lies between it and the nearest right wiring (:each points each).|[2,*] :mistakes mistakes lie between it and the nearest right wiring (:each points each).',
        'distance-none' => 'No right wiring was found from here.',
        'safety' => 'Nothing dangerous was found, on :percent % of the ends.',
        'safety-lost' => 'Dangerous.',
        'rule' => 'Nothing of it was found, on :percent % of the ends: :rule.',
        'rule-lost' => 'Found: :rule.',
        'order' => ':percent % of the work was done in the order that was asked for.',
        'order-not-judged' => 'The order of work is not judged here.',
        'time' => 'Done in :minutes minutes; within :within earns it.',
        'answers' => ':right of :asked answers are right.',
        'workmanship' => ':text',
        'open' => 'waits for the instructor\'s eye',
    ],
    'rule' => [
        'line-unmarked' => 'a hot conductor of the wrong color is not taped', 'return-on-white' => 'a white brings the switched hot back', 'neutral-absent-at-switch' => 'no neutral at the switch',
        'neutral-colour' => 'a neutral that is not white or gray', 'false-mark' => 'tape that says something else', 'separate-return' => 'out and back in different cables', 'box-overfilled' => 'a box is overfilled',
        'crowded-terminal' => 'more than one conductor under a screw', 'connector-overfilled' => 'a connector with too many conductors', 'end-not-capped' => 'an end is not capped',
        'earth-unsleeved' => 'a bare ground not sleeved', 'scheme-not-accepted-everywhere' => 'commons tied together',
    ],
    'critical' => 'This fails the whole, whatever the points: :what',
    'odd' => [
        'terminals-exchanged' => 'The two screws of :what exchanged', 'travellers-exchanged' => 'The travelers exchanged at :what', 'pair-turned' => 'One pair of :what turned',
        'pairs-exchanged' => 'The pairs of :what exchanged', 'pairs-exchanged-and-turned' => 'The pairs of :what exchanged and turned', 'lamp-turned' => ':what the other way round',
        'in-connector' => 'A splice with a pigtail at :what',
    ],
    'what-if-right' => 'Suppose this is done on the board wired right. :what What does the light do then?',
    'what-if' => 'Suppose this is done on your board. :what What does the light do then?',
];
