<?php

return [
    'land' => ':box: land :points on :on (:role).',
    'cap' => ':box: cap :end; it is spare.',
    'move' => ':box: move :point from :from to :to.',
    'move-free' => ':box: bring :point to :to.',
    'move-off' => ':box: take :point off :from, and cap it.',
    'move-off-free' => ':box: cap :point.',
    'fit' => 'put a :model in place of :device.',
    'repair' => '{1} One move puts it right|[2,*] :count moves put it right',
    'no-repair' => [
        'no-target' => 'No repair: this board cannot be wired with its own parts and cables.',
        'none-found' => 'No repair was found that only moves conductors and exchanges parts.',
        'not-finished' => 'No repair was found in the time there was. That is no proof that there is none.',
    ],
    'kept' => ':kept of :all joints stay as they are.',
    'gone' => 'Gone with the earlier board: :points.',
    'comes-off' => 'Comes off: :points.',
    'changes' => '{1} One change:|[2,*] :count changes:',
    'connector' => [
        'wire-nut' => 'wire nut, :ports wires',
        'lever' => 'lever connector of :ports',
        'push-in' => 'push-in connector of :ports',
        'strip' => 'terminal strip',
    ],
    'impossible' => [
        'by-rule' => 'This cannot be wired as it is asked for.',
        'short-of-cores' => 'This cannot be wired: every way was tried.',
        'other-scheme' => 'This board cannot be wired by the scheme that is asked for.',
        'not-finished' => 'No plan was found before the search was given up at its limit; that is no proof that there is none.',
    ],
    'asked-by' => [
        'scheme' => 'By another scheme it works.',
    ],
    'would-do' => 'What would do: :ways.',
    'take' => [
        'cables' => 'Run :cables',
        'no-neutral' => 'Ask for no neutral on this board',
        'edition' => 'Go by :code',
        'any-scheme' => 'Allow any scheme',
    ],
    'way-out' => [
        'cables' => ':cables',
        'no-neutral' => 'no neutral asked for at the switches of this board',
        'edition' => 'the :edition',
        'any-scheme' => 'any scheme that works',
    ],
    'electronic' => [
        'there' => ':box: an electronic switch that needs a neutral can go here; the neutral is in the box.',
        'other-plan' => ':box: an electronic switch that needs a neutral can go here, wired by another plan that brings the neutral.',
        'other-cable' => ':box: no neutral reaches this box; an electronic switch could go here with :cables.',
        'none-found' => ':box: no neutral reaches this box, and no small change of cables was found that brings one.',
    ],
    'second' => 'a second cable beside :cable, :type',
    'beside' => '{1} a :colours single beside :cable|[2,*] :colours singles beside :cable',
    'instead' => ':cable as :type',
];
