<?php

return [
    'paper-caution' => 'A drawing proves nothing about a real board: isolate, lock off, prove dead. BS 7671 and a competent person decide.',
    'diagram-note' => 'Line on the left, neutral on the right (dashed), every switch up.',
    'caution' => 'A simulation proves nothing about a real board: isolate, lock off, prove dead before you open a box. BS 7671 and a competent person decide.',
    'stops-at' => 'the line stops at :at.',
    'clause' => [
        'always-lit-on-line' => ':lamp is on the permanent line instead of the switched live.',
        'common-on-traveller-exchanged' => 'common and a strapper are swapped at :box.',
        'four-way-pair-split' => 'a pair is split across the intermediate at :box.',
        'short-line-neutral' => 'line and neutral are connected together in :box.',
        'short-line-earth' => 'line and earth are connected together in :box.',
        'earth-missing-open' => 'CPC not connected: :at.',
        'earth-missing-on-current' => 'CPC not connected: :at.',
        'shell-live' => 'the screw shell of :lamp is on the line.',
        'neutral-earth-contact' => 'neutral and earth are connected together in :box.',
        'earth-as-live' => 'a bare or green-and-yellow conductor carries current in :box.',
        'polarity-switching' => 'each end switch puts its side of the lamp on either line or neutral.',
    ],
    'path-back' => [
        'open-contact' => 'Back from :lamp to an open contact at :at. The line stops on the other side of it.',
        'no-return' => 'Back from :lamp to the line at the supply: what is missing is the neutral side.',
        'nowhere' => 'Back from :lamp as far as :at. Nothing there leads to the line.',
    ],
    'path' => [
        'rcd' => 'Some of the current through :lamp returns on the earth: the RCD trips.',
        'short' => 'From the line straight back to the supply with no load: the breaker trips.',
        'open-contact' => 'The line gets as far as :at and stops at an open contact.',
        'no-return' => 'The line reaches :lamp but has no way back: no current flows.',
        'nowhere' => 'The line gets as far as :at. No switch position leads on to :lamp.',
    ],
];
