<?php

return [
    'paper-caution' => 'A drawing proves nothing about a real board: isolate, lock off, prove dead. The authority having jurisdiction and a licensed electrician decide.',
    'diagram-note' => 'The hot at the left, the neutral at the right (dashed), every switch up.',
    'caution' => 'A simulation proves nothing about a real board: isolate, lock off, prove dead before you open a box. The authority having jurisdiction and a licensed electrician decide.',
    'stops-at' => 'the hot gets no further than :at.',
    'clause' => [
        'always-lit-on-line' => ':lamp is on the hot instead of the switch leg.',
        'common-on-traveller-exchanged' => 'common and a traveler are exchanged at :box.',
        'four-way-pair-split' => 'a pair is split across the four-way at :box.',
        'short-line-neutral' => 'hot and neutral meet in :box.',
        'short-line-earth' => 'hot and ground meet in :box.',
        'earth-missing-open' => 'the ground does not reach :at.',
        'earth-missing-on-current' => 'the ground does not reach :at.',
        'shell-live' => 'the screw shell of :lamp is on the hot side.',
        'neutral-earth-contact' => 'neutral and ground are joined in :box.',
        'earth-as-live' => 'a bare, green or green-and-yellow conductor carries current in :box.',
        'polarity-switching' => 'the switches choose between hot and neutral.',
    ],
    'path-back' => [
        'open-contact' => 'From :lamp back as far as :at: an open contact. The hot stops on its other side.',
        'no-return' => 'From :lamp all the way back to the hot of the supply: it is the way on from the lamp that is missing.',
        'nowhere' => 'From :lamp back as far as :at; nothing leads from there to the hot.',
    ],
    'path' => [
        'rcd' => 'Some of the current through :lamp returns by the ground: the GFCI opens.',
        'short' => 'From the hot straight back to the supply with nothing between: the breaker opens.',
        'open-contact' => 'The hot gets as far as :at and stops at an open contact.',
        'no-return' => 'The hot gets to :lamp and finds no way back: nothing flows.',
        'nowhere' => 'The hot gets as far as :at; no position of the switches leads on to :lamp.',
    ],
];
