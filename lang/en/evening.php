<?php

return [
    'title' => ':title: over after :minutes minutes.',
    'proved' => 'No plan ends sooner.',
    'bound' => 'No plan ends sooner than after :atLeast minutes.',
    'nobody' => 'Nobody sits.',
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
        'switch' => 'closed under 1 Ω, open no reading, in every position',
        'lamp' => 'with a filament lamp in: some ohms, cold; an LED lamp may read open; never 0',
    ],
    'impossible' => [
        'no-station' => 'There are people but no station.',
        'one-variant' => 'A retest needs a second variant, and there is one.',
    ],
    'conflict' => [
        'changeover' => ':station: :first and :second sit closer than the changeover.',
        'break' => ':first sits through a break.',
        'neighbours' => ':first and :second sit side by side on one variant.',
        'retest-variant' => ':first sits twice on one variant.',
        'retest-gap' => ':first: the retest begins too soon after the first sitting.',
        'twice' => ':first sits more often than planned.',
        'not-before' => ':first sits before they are there.',
        'too-short' => ':first has too little time.',
        'variant' => ':first sits on a variant that there is not.',
    ],
];
