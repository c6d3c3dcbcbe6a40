<?php

return [
    'three-way' => 'two-way switch',
    'four-way' => 'intermediate switch',
    'one-pole' => 'one-way switch',
    'rose' => 'ceiling rose with pendant',
    'light' => 'batten lampholder',
    'junction' => 'joint box',
    'earths' => 'earths',
    'leakage-breaker' => 'RCD',
    'place' => [
        'junction-box' => 'Joint box',
    ],
];
