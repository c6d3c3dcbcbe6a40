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
        'further-earths' => 'grounds beyond, a quarter each of :awg AWG',
    ],
    'box-fits' => ':box: :used of :has in³, fits',
    'box-full' => ':box: :used in³ in :has in³, TOO SMALL',
    'box-unknown' => ':box: :used in³; the board gives no volume',
    'smallest' => 'Smallest standard box that would do: :box.',
    'one-more' => 'One more :cable: :used in³, :answer. :remedy',
    'fits' => 'fits',
    'does-not-fit' => 'does not fit',
    'unknown' => 'no volume known',
    'remedy' => 'Smallest fix: a ring or raised cover of :short in³ at least, or the box :box.',
    'remedy-box' => 'Smallest fix: the box :box.',
    'remedy-ring' => 'Smallest fix: a ring or raised cover of :short in³ at least; no standard box is large enough.',
    'remedy-none' => 'It is :short in³ short, and no standard box is large enough: take conductors elsewhere.',
];
