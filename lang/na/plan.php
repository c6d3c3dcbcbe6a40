<?php

return [
    'join' => ':box: splice :points in a :connector (:role).',
    'land' => ':box: land :points on :on (:role).',
    'mark' => ':box: tape :end as :as.',
    'cap' => ':box: cap :end; it is spare.',
    'move' => ':box: move :point from :from to :to.',
    'move-free' => ':box: bring :point to :to.',
    'move-off' => ':box: take :point off :from, and cap it.',
    'move-off-free' => ':box: cap :point.',
    'fit' => 'put a :model in place of :device.',
    'repair' => '{1} One move puts it right|[2,*] :count moves put it right',
    'no-repair' => [
        'no-target' => 'No repair by moves: this board cannot be wired with its parts and cables.',
        'none-found' => 'No repair by moves alone was found.',
        'not-finished' => 'The search for a repair was given up at its limit.',
    ],
    'connector' => [
        'wire-nut' => 'wire nut for :ports',
        'lever' => 'lever connector of :ports',
        'push-in' => 'push-in connector of :ports',
        'strip' => 'terminal strip',
    ],
    'impossible' => [
        'short-of-cores' => 'This cannot be wired: every way was tried.',
        'wrong-parts' => 'This cannot be wired: a control takes one switch, or two three-ways with four-ways between them.',
        'other-scheme' => 'This board cannot be wired by the scheme that is asked for.',
        'no-right-wiring' => 'Everything that can be wired here breaks a rule: look for a missing ground.',
        'not-finished' => 'No plan was found before the search was given up at its limit; that is no proof that there is none.',
    ],
    'change' => 'It could be wired with :cables.',
    'instead' => ':cable as :type',
    'no-neutral' => 'Run :cable has no white or gray core for the neutral (:scheme).',
    'shortage' => 'Run :cable has :has insulated cores and needs :needs (:scheme).',
];
