<?php

return [
    'paper-caution' => 'A drawing proves nothing about a real board: isolate, lock off, prove dead. BS 7671 and a competent person decide.',
    'diagram-note' => 'The line at the left, the neutral at the right (dashed), every switch up.',
    'caution' => 'A simulation proves nothing about a real board: isolate, lock off, prove dead before you open a box. BS 7671 and a competent person decide.',
    'stops-at' => 'the line gets no further than :at.',
    'clause' => [
        'always-lit-on-line' => ':lamp is on the permanent line instead of the switched live.',
        'common-on-traveller-exchanged' => 'common and a strapper are exchanged at :box.',
        'four-way-pair-split' => 'a pair is split across the intermediate at :box.',
        'short-line-neutral' => 'line and neutral meet in :box.',
        'short-line-earth' => 'line and earth meet in :box.',
        'earth-missing-open' => 'the earth does not reach :at.',
        'earth-missing-on-current' => 'the earth does not reach :at.',
        'shell-live' => 'the screw shell of :lamp is on the line side.',
        'neutral-earth-contact' => 'neutral and earth are joined in :box.',
        'earth-as-live' => 'a bare or green-and-yellow conductor carries current in :box.',
        'polarity-switching' => 'the switches choose between line and neutral.',
    ],
    'path-back' => [
        'open-contact' => 'From :lamp back as far as :at: an open contact. The line stops on its other side.',
        'no-return' => 'From :lamp all the way back to the line of the supply: it is the way on from the lamp that is missing.',
        'nowhere' => 'From :lamp back as far as :at; nothing leads from there to the line.',
    ],
    'path' => [
        'rcd' => 'Some of the current through :lamp returns by the earth: the RCD opens.',
        'short' => 'From the line straight back to the supply with nothing between: the breaker opens.',
        'open-contact' => 'The line gets as far as :at and stops at an open contact.',
        'no-return' => 'The line gets to :lamp and finds no way back: nothing flows.',
        'nowhere' => 'The line gets as far as :at; no position of the switches leads on to :lamp.',
    ],
];
