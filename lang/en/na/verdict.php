<?php

return [
    'paper-caution' => 'A drawing proves nothing about a real board: isolate, lock off, prove dead. The authority having jurisdiction and a licensed electrician decide.',
    'diagram-note' => 'Hot on the left, neutral on the right (dashed), every switch up.',
    'caution' => 'A simulation proves nothing about a real board: isolate, lock off, prove dead before you open a box. The authority having jurisdiction and a licensed electrician decide.',
    'stops-at' => 'the hot stops at :at.',
    'clause' => [
        'always-lit-on-line' => ':lamp is on the hot instead of the switch leg.',
        'common-on-traveller-exchanged' => 'common and a traveler are swapped at :box.',
        'four-way-pair-split' => 'a pair is split across the four-way at :box.',
        'short-line-neutral' => 'hot and neutral are connected together in :box.',
        'short-line-earth' => 'hot and ground are connected together in :box.',
        'earth-missing-open' => 'not grounded: :at.',
        'earth-missing-on-current' => 'not grounded: :at.',
        'shell-live' => 'the screw shell of :lamp is hot.',
        'neutral-earth-contact' => 'neutral and ground are connected together in :box.',
        'earth-as-live' => 'a bare, green or green-and-yellow conductor carries current in :box.',
        'polarity-switching' => 'each end switch puts its side of the lamp on either hot or neutral.',
    ],
    'path-back' => [
        'open-contact' => 'Back from :lamp to an open contact at :at. The hot stops on the other side of it.',
        'no-return' => 'Back from :lamp to the hot at the supply: what is missing is the neutral side.',
        'nowhere' => 'Back from :lamp as far as :at. Nothing there leads to the hot.',
    ],
    'path' => [
        'rcd' => 'Some of the current through :lamp returns on the ground: the GFCI trips.',
        'short' => 'From the hot straight back to the supply with no load: the breaker trips.',
        'open-contact' => 'The hot gets as far as :at and stops at an open contact.',
        'no-return' => 'The hot reaches :lamp but has no way back: no current flows.',
        'nowhere' => 'The hot gets as far as :at. No switch position leads on to :lamp.',
    ],
];
