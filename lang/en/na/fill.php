<?php

return [
    'what' => 'what',
    'count' => 'count',
    'each' => 'each',
    'kind' => [
        'conductors' => ':awg AWG conductors that end or are spliced here',
        'clamps' => 'internal clamps, as one :awg AWG',
        'devices' => 'devices, two each, as :awg AWG',
        'earths' => 'equipment grounds, as one :awg AWG',
        'further-earths' => 'extra grounds, a quarter of one :awg AWG each',
    ],
    'box-fits' => ':box: :used of :has in³, fits',
    'box-full' => ':box: overfilled: needs :used in³, has :has',
    'box-unknown' => ':box: needs :used in³; no volume given',
    'smallest' => 'Smallest standard box that fits: :box.',
    'one-more' => 'With another :cable: :used in³, :answer. :remedy',
    'fits' => 'fits',
    'does-not-fit' => 'won’t fit',
    'unknown' => 'no volume known',
    'remedy' => 'Smallest fix: a ring or raised cover of at least :short in³, or the box :box.',
    'remedy-box' => 'Smallest fix: the box :box.',
    'remedy-ring' => 'Smallest fix: a ring or raised cover of at least :short in³; no standard box is large enough.',
    'remedy-none' => 'It is :short in³ short, and no standard box is large enough. Move conductors to another box.',
];
