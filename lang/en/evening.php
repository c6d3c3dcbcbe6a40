<?php

return [
    'title' => ':title: finishes at :minutes min.',
    'proved' => 'This is the shortest possible.',
    'bound' => 'No plan can finish before :atLeast min.',
    'nobody' => 'Nobody takes the exam.',
    'columns' => ['from', 'to', 'person', 'station', 'variant', ''],
    'retest' => 'retest',
    'slip' => ':from after the start, :minutes minutes: :station.',
    'paper' => [
        'starts' => 'Starts at ________',
        'list' => ['after the start', 'who', 'station'],
        'station' => ['after the start', 'who', 'variant', 'handed in', 'signed'],
    ],
    'retest-title' => ':title, retest',
    'word' => [
        'late' => 'not here yet',
        'no-device' => 'no device',
        'offline' => 'offline',
        'idle' => 'idle',
        'refused' => 'stuck',
    ],
    'should' => [
        'switch' => 'closed: under 1 Ω; open: no reading. Try every position',
        'lamp' => 'filament lamp: a few ohms, cold; an LED lamp may read open; never 0',
    ],
    'impossible' => [
        'no-station' => 'There are people but no station.',
        'one-variant' => 'A retest needs a second variant, and there is one.',
    ],
    'conflict' => [
        'changeover' => ':station: :first and :second are closer together than the changeover.',
        'break' => ':first works through a break.',
        'neighbours' => ':first and :second sit side by side with the same variant.',
        'retest-variant' => ':first gets the same variant twice.',
        'retest-gap' => ':first: the retest starts too soon after the first sitting.',
        'twice' => ':first has more sittings than planned.',
        'not-before' => ':first starts before they arrive.',
        'too-short' => ':first has too little time.',
        'variant' => ':first has a variant that does not exist.',
    ],
];
